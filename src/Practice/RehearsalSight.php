<?php

declare(strict_types=1);

namespace Rinkel\App\Practice;

/**
 * What there is to read and to look at in one moment of a rehearsal; nothing is "".
 */
final readonly class RehearsalSight
{
    /**
     * @param string $said    the act in hand
     * @param string $look    what to look at with it
     * @param string $follows what came of a slip
     * @param string $band    a drawing of that, as SVG
     * @param string $stage   of the lesson that teaches the move, as SVG
     * @param string $ends    what hands hold, as SVG
     */
    public function __construct(
        public string $said,
        public string $look,
        public string $follows,
        public string $band,
        public string $stage,
        public string $ends,
    ) {}
}
