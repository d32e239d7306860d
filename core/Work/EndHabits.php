<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Material\Ending;
use Rinkel\Core\Material\Gluing;

/**
 * How a maker keeps ends from coming undone.
 *
 * @internal
 */
final readonly class EndHabits
{
    /**
     * @param Ending  $melting how ends of cord that melts are kept
     * @param Gluing  $gluing  what comes first where an end is glued
     * @param Sealing $sealing what is put on knots and ends that are not singed
     */
    public function __construct(
        public Ending $melting = Ending::Singe,
        public Gluing $gluing = Gluing::First,
        public Sealing $sealing = Sealing::Glue,
    ) {}
}
