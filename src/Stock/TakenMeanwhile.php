<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

/**
 * The stock is no longer what a cut sheet was made for, or what it was left as.
 */
final class TakenMeanwhile extends \RuntimeException {}
