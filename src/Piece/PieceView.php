<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\App\People\Person;
use Rinkel\Core\Construction\CordNames;
use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Plan\Plan;

/**
 * All that one showing of the Piece page needs.
 */
final readonly class PieceView
{
    /** @var \ArrayObject<string, true> fields that told what is wrong with them */
    private \ArrayObject $told;

    /**
     * @param Plan                                                    $plan     of the last good state
     * @param array<string, string>                                   $fields   as typed, or as shown for the piece
     * @param array<string, non-empty-list<Fault>>                    $faults   by field
     * @param PageState                                               $page     what is shown of it and how
     * @param array<string, string>                                   $stages   the state of each stage
     * @param \Closure(): array<string, Draft>                        $closures the same piece closed otherwise, by kind
     * @param list<string>                                            $knots    knots that its construction ties, by their word
     * @param list<string>                                            $parts    other parts that only it has, as they are put in
     * @param CordNames                                               $cords    which it can have
     * @param array<string, string>                                   $usual    what its maker usually has, where the
     *                                                                          piece is otherwise
     * @param bool                                                    $brief    whether cautions are said in short
     * @param array{bool, bool}                                       $steps    whether there is anything to undo, to do again
     * @param list<Person>                                            $people
     * @param string                                                  $formId   by which a plain form sent twice is known
     * @param Seen                                                    $seen     what is seen of its plan with this
     * @param array<string, array{mine: string, theirs: string}>|null $conflict fields that another tab saved differently
     * @param int                                                     $deeds    how much was done by button before that
     */
    public function __construct(
        public StoredPiece $stored,
        public Plan $plan,
        public array $fields,
        public array $faults,
        public int $version,
        public PageState $page,
        public array $stages,
        private \Closure $closures,
        public array $knots,
        public array $parts,
        public CordNames $cords,
        public array $usual,
        public bool $brief,
        public array $steps,
        public array $people,
        public string $formId,
        public Seen $seen,
        public ?array $conflict = null,
        public int $deeds = 0,
    ) {
        /** @var \ArrayObject<string, true> $told */
        $told = new \ArrayObject();
        $this->told = $told;
    }

    /**
     * Returns what is wrong with a field, for the page to say it there; null when nothing is.
     *
     * @return non-empty-list<Fault>|null
     */
    public function fault(string $field): ?array
    {
        $fault = $this->faults[$field] ?? null;
        if (null !== $fault) {
            $this->told[$field] = true;
        }

        return $fault;
    }

    /**
     * Returns what is wrong that no field of the page has told so far: to be asked once all that $parts wants are
     * there.
     *
     * @return list<non-empty-list<Fault>> nothing twice
     */
    public function untold(PageParts $parts): array
    {
        $untold = [];
        foreach (array_diff_key($this->faults, $this->told->getArrayCopy()) as $field => $faults) {
            if ($parts->wants(Stage::of($field)->value, $this->page)) {
                $untold[(string) $faults[0]->said] = $faults;
            }
        }

        return array_values($untold);
    }

    /**
     * Returns whether anything that was typed is not in the plan: it cannot be read, or another tab saved otherwise.
     */
    public function open(): bool
    {
        return [] !== $this->faults || [] !== $this->stored->draft() || null !== $this->conflict;
    }

    /**
     * Returns how many fields told that they cannot be read.
     */
    public function told(): int
    {
        return \count($this->told);
    }

    /**
     * @return array<string, Draft> the same piece closed otherwise, by kind
     */
    public function closures(): array
    {
        return ($this->closures)();
    }

    /**
     * @return list<string> what is said of its closure in such a piece
     */
    public function asks(): array
    {
        $draft = $this->plan->draft;
        $kind = $draft->fastened->kind;
        foreach ($draft->construction->closures() as $one) {
            $kind = $one->id() === $kind->id() ? $one : $kind;
        }

        return array_column($kind->asks(), 'value');
    }

    /**
     * @return list<Block>
     */
    public function blocks(): array
    {
        return (new Blocks($this->plan))->all();
    }

    /**
     * Returns the chosen part of the pattern, or null when none is.
     */
    public function chosen(): ?Block
    {
        $find = function (array $blocks) use (&$find): ?Block {
            /** @var list<Block> $blocks */
            foreach ($blocks as $block) {
                $found = $block->path === $this->page->chosen ? $block : $find($block->parts);
                if ($found instanceof Block) {
                    return $found;
                }
            }

            return null;
        };

        return '' === $this->page->chosen ? null : $find($this->blocks());
    }
}
