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
     * Returns the stages of what is wrong at its field, on the page or in a stage that it does not show yet.
     *
     * @return list<Stage> one for each field
     */
    public function told(string $html, PageParts $parts, PageState $page): array
    {
        return array_map(Stage::of(...), array_values(array_filter(
            array_keys($this->faults),
            static fn (string $field): bool => !self::isMissing($field, $html, $parts, $page),
        )));
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
            if (self::isMissing($field, $html, $parts, $page)) {
                $untold[(string) $faults[0]->said] = $faults;
            }
        }

        return array_values($untold);
    }

    /**
     * Returns whether a page that shows the stage of a field has no such field.
     */
    private static function isMissing(string $field, string $html, PageParts $parts, PageState $page): bool
    {
        return $parts->wants(Stage::of($field)->value, $page)
            && !str_contains($html, 'name="f['.htmlspecialchars($field).']"');
    }
}
