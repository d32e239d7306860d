<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\PieceSpec;

/**
 * What came of reading fields: the piece as far as they could be read, and what is left of them.
 */
final readonly class ReadFields
{
    /**
     * @param array<string, string>                $left   texts that cannot be read, by field
     * @param array<string, non-empty-list<Fault>> $faults by field
     */
    public function __construct(
        public PieceSpec $piece,
        public array $left,
        public array $faults,
    ) {}

    /**
     * Returns what is called otherwise now.
     *
     * @param array<string, string> $typed by field
     *
     * @return array<string, string> stems of fields: "beads.bead-1" to "beads.amber"
     */
    public function renamed(array $typed): array
    {
        $there = ['beads' => $this->piece->materials->beads, 'findings' => $this->piece->materials->findings, 'cords' => $this->piece->materials->cords];
        $renamed = [];
        foreach ($typed as $path => $name) {
            [$kind, $old] = NameFields::calledAt($path) ?? ['', ''];
            $new = NameFields::name($name);
            if (isset($there[$kind][$new]) && !isset($there[$kind][$old])) {
                $renamed[$kind.'.'.$old] = $kind.'.'.$new;
            }
        }

        return $renamed;
    }
}
