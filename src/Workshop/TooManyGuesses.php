<?php

declare(strict_types=1);

namespace Rinkel\App\Workshop;

/**
 * So many wrong passwords came that nobody looks at another for a while.
 */
final class TooManyGuesses extends \RuntimeException {}
