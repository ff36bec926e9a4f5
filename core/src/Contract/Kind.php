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
    case BenchPrior = 'bench-prior';

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
            self::BenchPrior => new BenchPriorComputation(),
        };
    }
}
