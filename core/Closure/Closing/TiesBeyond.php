<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

/**
 * What is made at one end of a piece with knots of its working ends beyond the body.
 *
 * @internal
 */
interface TiesBeyond
{
    public function beyond(): KnotsBeyondBody;
}
