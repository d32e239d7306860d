<?php

declare(strict_types=1);

namespace Rinkel\Core;

/**
 * Marks every failure that the core names; its message is one full sentence for a maker.
 */
interface Failure extends \Throwable {}
