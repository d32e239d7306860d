<?php

declare(strict_types=1);

namespace Rinkel\App\Jobs;

/**
 * Whoever asked for a job wants it no more.
 */
final class JobCancelled extends \RuntimeException {}
