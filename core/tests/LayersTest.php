<?php

declare(strict_types=1);

namespace Amble\Core\Tests;

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\ParserFactory;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Folders stand in layers: a class refers to its own layer and to those below, and no two folders refer to each other
 * round about.
 */
final class LayersTest extends TestCase
{
    /** The lowest layer first, as docs/architecture.md draws them. */
    private const CORE = [
        'foundation' => ['Exception', 'Json', 'Numeric', 'Report', 'Units'],
        'models' => ['Change', 'Direction', 'Distance', 'Feel', 'Green', 'Roll', 'Steps', 'Stroke', 'Strokes'],
        'records' => ['Card', 'Device', 'Reading', 'Session', 'Student'],
        'practice' => ['Check', 'Drill', 'Evidence'],
        'answers' => ['Calendar', 'Homework', 'Insight', 'Plan', 'Review', 'Rounds', 'Simulation', 'Table'],
        'contract' => ['Contract'],
    ];

    private const APP = [
        'ground' => ['Calendar', 'Database', 'Session'],
        'models' => ['Models'],
        'reads' => ['Auth', 'Policies', 'Reports'],
        'mail' => ['Mail'],
        'writes' => ['Actions'],
        'requests' => ['Http'],
        'entries' => ['Console', 'Demo', 'Providers'],
    ];

    /** @param array<string, list<string>> $layers */
    #[DataProvider('trees')]
    public function testFoldersReferOnlyDownwards(string $root, string $namespace, array $layers): void
    {
        $arrows = self::arrows($root, $namespace);
        self::assertGreaterThan(10, count($arrows));
        self::assertSame([], self::offences($arrows, $layers));
    }

    public function testTheCheckSeesAnArrowUpACircleAndAFolderWithoutALayer(): void
    {
        $layers = ['low' => ['A', 'B', 'C'], 'high' => ['D']];
        self::assertSame([], self::offences(['A' => ['B'], 'B' => ['C'], 'C' => [], 'D' => ['A', 'C']], $layers));
        self::assertSame(['A refers to D, a layer above'], self::offences(['A' => ['D'], 'D' => []], $layers));
        self::assertSame(
            ['A, B and C form a circle'],
            self::offences(['A' => ['B'], 'B' => ['C'], 'C' => ['A'], 'D' => ['A']], $layers),
        );
        self::assertSame(['E stands in no layer'], self::offences(['A' => [], 'E' => ['A']], $layers));
    }

    /** @return iterable<string, array{string, string, array<string, list<string>>}> */
    public static function trees(): iterable
    {
        yield 'core' => [dirname(__DIR__) . '/src', 'Amble\\Core\\', self::CORE];
        yield 'app' => [dirname(__DIR__, 2) . '/app', 'App\\', self::APP];
    }

    /**
     * @param array<string, list<string>> $arrows folders referred to, by folder
     * @param array<string, list<string>> $layers
     *
     * @return list<string>
     */
    private static function offences(array $arrows, array $layers): array
    {
        $height = [];
        foreach (array_values($layers) as $i => $folders) {
            $height += array_fill_keys($folders, $i);
        }
        $offences = [];
        foreach ($arrows as $from => $targets) {
            if (!isset($height[$from])) {
                $offences[] = "$from stands in no layer";
                continue;
            }
            foreach ($targets as $to) {
                if (isset($height[$to]) && $height[$to] > $height[$from]) {
                    $offences[] = "$from refers to $to, a layer above";
                }
            }
        }

        return [...$offences, ...self::circles($arrows)];
    }

    /**
     * Folders that reach each other: a circle needs both ways, so arrows up are left to the check of layers.
     *
     * @param array<string, list<string>> $arrows
     *
     * @return list<string>
     */
    private static function circles(array $arrows): array
    {
        $reach = array_map(
            static fn(string $from): array => self::reached($from, $arrows),
            array_combine(array_keys($arrows), array_keys($arrows)),
        );
        $circles = [];
        foreach (array_keys($arrows) as $folder) {
            $circle = array_values(
                array_filter(
                    array_keys($arrows),
                    static fn(string $other): bool => in_array($other, $reach[$folder], true) &&
                        in_array($folder, $reach[$other], true),
                ),
            );
            sort($circle);
            if (count($circle) > 1) {
                $last = array_pop($circle);
                $circles[] = implode(', ', $circle) . " and $last form a circle";
            }
        }

        return array_values(array_unique($circles));
    }

    /**
     * @param array<string, list<string>> $arrows
     *
     * @return list<string> folders that can be reached in one step or more
     */
    private static function reached(string $from, array $arrows): array
    {
        $reached = [];
        $open = $arrows[$from] ?? [];
        while ($open !== []) {
            $next = array_pop($open);
            if (!in_array($next, $reached, true)) {
                $reached[] = $next;
                $open = [...$open, ...$arrows[$next] ?? []];
            }
        }

        return $reached;
    }

    /** @return array<string, list<string>> */
    private static function arrows(string $root, string $namespace): array
    {
        $arrows = [];
        /** @var \SplFileInfo $file */
        foreach (
            new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS))
            as $file
        ) {
            $own = explode('/', substr($file->getPathname(), strlen($root) + 1))[0];
            $arrows[$own] ??= [];
            $nodes =
                (new ParserFactory())
                    ->createForNewestSupportedVersion()
                    ->parse((string) file_get_contents($file->getPathname())) ?? [];
            $nodes = (new NodeTraverser(new NameResolver()))->traverse($nodes);
            foreach ((new NodeFinder())->findInstanceOf($nodes, Node\Name\FullyQualified::class) as $name) {
                $full = $name->toString();
                $to = str_starts_with($full, $namespace) ? explode('\\', substr($full, strlen($namespace)))[0] : $own;
                if ($to !== $own) {
                    $arrows[$own][$to] = $to;
                }
            }
        }
        ksort($arrows);

        return array_map(static fn(array $targets): array => array_values($targets), $arrows);
    }
}
