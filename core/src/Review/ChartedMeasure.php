<?php

declare(strict_types=1);

namespace Amble\Core\Review;

/** A measure that is drawn over time, a point a session. */
interface ChartedMeasure extends Measure {}
