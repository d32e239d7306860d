<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\Wish;

/**
 * What came of reading fields: the piece as far as they could be read, and what is left of them.
 */
final readonly class Taken
{
    /**
     * @param array<string, string>                $left   texts that cannot be read, by field
     * @param array<string, non-empty-list<Fault>> $faults by field
     */
    public function __construct(
        public Wish $piece,
        public array $left,
        public array $faults,
    ) {}

    /**
     * Returns what is called otherwise than in $before, which has the same beads and findings in the same order.
     *
     * @return array<string, string> stems of fields: "beads.bead-1" to "beads.amber"
     */
    public function renamed(Piece $before): array
    {
        $renamed = [];
        foreach ([
            'beads' => [$before->beads, $this->piece->beads],
            'findings' => [$before->findings, $this->piece->findings],
        ] as $kind => [$old, $new]) {
            $names = array_keys($new);
            foreach (\count($old) === \count($new) ? array_keys($old) : [] as $i => $name) {
                if ($name !== $names[$i]) {
                    $renamed[$kind.'.'.$name] = $kind.'.'.$names[$i];
                }
            }
        }

        return $renamed;
    }
}
