<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\Core\Piece\Fault;

/**
 * What stands in the fields of a piece, and what is wrong with it.
 */
final readonly class FieldState
{
    /**
     * @param array<string, string>                                   $texts    by field, as typed or as shown for the piece
     * @param array<string, non-empty-list<Fault>>                    $faults   by field
     * @param string                                                  $formId   by which a plain form sent twice is known
     * @param array<string, array{mine: string, theirs: string}>|null $conflict fields that another tab saved differently
     * @param int                                                     $deeds    how much was done by button before that
     */
    public function __construct(
        public array $texts,
        public array $faults,
        public string $formId,
        public ?array $conflict = null,
        public int $deeds = 0,
    ) {}

    /**
     * Returns whether anything of a part is wrong: of "beads.dot" that is "beads.dot.hole".
     */
    public function isFaulty(string $part): bool
    {
        foreach (array_keys($this->faults) as $field) {
            if (str_starts_with($field, $part.'.')) {
                return true;
            }
        }

        return false;
    }

    /**
     * Returns the stage of the first field in which something is wrong.
     */
    public function stage(): Stage
    {
        return Stage::of((string) array_key_first($this->faults));
    }

    /**
     * Returns how many faults stand at fields that a page shows.
     */
    public function told(string $html): int
    {
        return \count(array_filter(
            array_keys($this->faults),
            static fn (string $field): bool => self::isIn($field, $html),
        ));
    }

    /**
     * Returns what is wrong and stands at no field of a page, as far as it shows their stages.
     *
     * @return list<non-empty-list<Fault>> nothing twice
     */
    public function untold(string $html, PageParts $parts, PageState $page): array
    {
        $untold = [];
        foreach ($this->faults as $field => $faults) {
            if (!self::isIn($field, $html) && $parts->wants(Stage::of($field)->value, $page)) {
                $untold[(string) $faults[0]->said] = $faults;
            }
        }

        return array_values($untold);
    }

    private static function isIn(string $field, string $html): bool
    {
        return str_contains($html, 'name="f['.htmlspecialchars($field).']"');
    }
}
