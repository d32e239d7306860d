<?php

declare(strict_types=1);

namespace Rinkel\Core\Measure;

use Rinkel\Core\Failure;

/**
 * Marks every failure to read or hold a length.
 *
 * @internal
 */
interface MeasureFailure extends Failure {}
