<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

/** The kinds of question, by the name the shell uses. */
enum Kind: string
{
    case GreenSpeed = 'green-speed';
    case Roll = 'roll';
    case Read = 'read';
    case StrokeFit = 'stroke-fit';
    case DirectionFit = 'direction-fit';
    case DistanceControl = 'distance-control';
    case Strokes = 'strokes';
    case Today = 'today';
    case WorkspacePrior = 'workspace-prior';
    case SessionOffset = 'session-offset';
    case ScatterSource = 'scatter-source';
    case Change = 'change';
    case WithinSession = 'within-session';
    case GreenMap = 'green-map';

    /** Names of earlier versions that scripts may still use. */
    private const FORMER_NAMES = ['bench-prior' => self::WorkspacePrior];

    /** The kind of this name, or of its former name; null for none. */
    public static function named(string $name): ?self
    {
        return self::tryFrom($name) ?? (self::FORMER_NAMES[$name] ?? null);
    }

    public function computation(): Computation
    {
        return match ($this) {
            self::GreenSpeed => new GreenSpeedComputation(),
            self::Roll => new RollComputation(),
            self::Read => new ReadComputation(),
            self::StrokeFit => new StrokeFitComputation(),
            self::DirectionFit => new DirectionFitComputation(),
            self::DistanceControl => new DistanceControlComputation(),
            self::Strokes => new StrokesComputation(),
            self::Today => new TodayComputation(),
            self::WorkspacePrior => new WorkspacePriorComputation(),
            self::SessionOffset => new SessionOffsetComputation(),
            self::ScatterSource => new ScatterSourceComputation(),
            self::Change => new ChangeComputation(),
            self::WithinSession => new WithinSessionComputation(),
            self::GreenMap => new GreenMapComputation(),
        };
    }
}
