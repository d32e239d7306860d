<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * What becomes of ends in an act: cords that are cut, tips that are trimmed and made safe.
 */
final readonly class EndCare
{
    /**
     * @param list<WorkCord>        $cords  that it cuts
     * @param list<End>             $ends   that it trims, secures or frays
     * @param How|null              $how    it secures them
     * @param array<string, string> $endsAs what becomes of ends, by their ids
     * @param Cure|null             $cure   that it waits for
     */
    public function __construct(
        public array $cords = [],
        public array $ends = [],
        public ?How $how = null,
        public array $endsAs = [],
        public ?Cure $cure = null,
    ) {}
}
