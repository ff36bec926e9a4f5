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

/** The core knows nobody: no framework, no input or output, no clock, no chance of its own. */
final class ArchitectureTest extends TestCase
{
    private const SUPERGLOBALS = [
        '_GET',
        '_POST',
        '_COOKIE',
        '_FILES',
        '_SERVER',
        '_ENV',
        '_REQUEST',
        '_SESSION',
        'GLOBALS',
    ];

    private const IMPURE = [
        'time',
        'microtime',
        'hrtime',
        'date',
        'gmdate',
        'getdate',
        'localtime',
        'strtotime',
        'mktime',
        'sleep',
        'usleep',
        'rand',
        'mt_rand',
        'random_int',
        'random_bytes',
        'mt_srand',
        'srand',
        'lcg_value',
        'uniqid',
        'shuffle',
        'array_rand',
        'str_shuffle',
        'fopen',
        'file_get_contents',
        'file_put_contents',
        'file',
        'fwrite',
        'readfile',
        'unlink',
        'glob',
        'scandir',
        'curl_init',
        'fsockopen',
        'stream_socket_client',
        'mail',
        'header',
        'setcookie',
        'getenv',
        'putenv',
        'error_log',
        'exec',
        'shell_exec',
    ];

    #[DataProvider('sources')]
    public function testAFileOfTheCoreReachesForNothingOutside(string $file): void
    {
        $nodes =
            (new ParserFactory())->createForNewestSupportedVersion()->parse((string) file_get_contents($file)) ?? [];
        $nodes = (new NodeTraverser(new NameResolver()))->traverse($nodes);
        self::assertSame([], self::offences($nodes), $file);
    }

    public function testTheCheckItselfSeesWhatItForbids(): void
    {
        $code =
            '<?php namespace Amble\Core; use Illuminate\Support\Str; $a = \time(); $b = $_GET; echo new \DateTimeImmutable();' .
            ' $c = new \Random\Randomizer(); $d = Str::of("x");';
        $nodes = (new ParserFactory())->createForNewestSupportedVersion()->parse($code) ?? [];
        $nodes = (new NodeTraverser(new NameResolver()))->traverse($nodes);
        self::assertCount(6, self::offences($nodes));
    }

    /** @return iterable<string, array{string}> */
    public static function sources(): iterable
    {
        $root = dirname(__DIR__) . '/src';
        /** @var \SplFileInfo $file */
        foreach (
            new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS))
            as $file
        ) {
            yield substr($file->getPathname(), strlen($root) + 1) => [$file->getPathname()];
        }
    }

    /**
     * @param array<Node> $nodes
     *
     * @return list<string>
     */
    private static function offences(array $nodes): array
    {
        $found = [];
        foreach ((new NodeFinder())->find($nodes, static fn(Node $node): bool => true) as $node) {
            $name = match (true) {
                $node instanceof Node\Expr\FuncCall &&
                    $node->name instanceof Node\Name &&
                    in_array($node->name->getLast(), self::IMPURE, true)
                    => $node->name->toString(),
                $node instanceof Node\Expr\Variable &&
                    is_string($node->name) &&
                    in_array($node->name, self::SUPERGLOBALS, true)
                    => "\$$node->name",
                $node instanceof Node\Stmt\Echo_,
                $node instanceof Node\Expr\Print_,
                $node instanceof Node\Expr\Exit_
                    => 'output',
                $node instanceof Node\Name\FullyQualified && self::isForeign($node->toString()) => $node->toString(),
                default => null,
            };
            if ($name !== null) {
                $found[] = $name;
            }
        }

        return $found;
    }

    /** A class of anybody else's; plain exceptions, closures and the seeded engine are the language's own. */
    private static function isForeign(string $class): bool
    {
        return match (true) {
            str_starts_with($class, 'Amble\\Core\\') => false,
            str_starts_with($class, 'Random\\') => $class !== 'Random\\Engine\\Xoshiro256StarStar',
            str_contains($class, '\\') => true,
            default => str_starts_with($class, 'Date') ||
                str_starts_with($class, 'PDO') ||
                str_starts_with($class, 'Spl'),
        };
    }
}
