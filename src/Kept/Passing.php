<?php

declare(strict_types=1);

namespace Rinkel\App\Kept;

/**
 * Of what only passes through the database: no archive has it, and nobody misses it.
 */
#[\Attribute(\Attribute::TARGET_CLASS)]
final class Passing {}
