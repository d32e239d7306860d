<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Plan\Plan;

/**
 * All that one showing of the Piece page needs.
 */
final readonly class PieceView
{
    /**
     * @param Plan                  $plan    of the last good state
     * @param int                   $version over which its maker works
     * @param PageState             $page    what is shown of it and how
     * @param array<string, string> $stages  the state of each stage
     * @param SeenPlan              $seen    what is seen of its plan with this
     */
    public function __construct(
        public StoredPiece $stored,
        public Plan $plan,
        public FieldState $fields,
        public int $version,
        public PageState $page,
        public array $stages,
        public Choices $choices,
        public SeenPlan $seen,
    ) {}

    /**
     * Returns what is wrong with a field, for the page to say it there; null when nothing is.
     *
     * @return non-empty-list<Fault>|null
     */
    public function fault(string $field): ?array
    {
        return $this->fields->faults[$field] ?? null;
    }

    /**
     * Returns whether anything that was typed is not in the plan: it cannot be read, or another tab saved otherwise.
     */
    public function open(): bool
    {
        return [] !== $this->fields->faults || [] !== $this->stored->draft() || null !== $this->fields->conflict;
    }

    /**
     * @return list<string> what is said of its closure in such a piece
     */
    public function options(): array
    {
        $draft = $this->plan->draft;
        $kind = $draft->fastened->kind;
        foreach ($draft->construction->closures() as $one) {
            $kind = $one->id() === $kind->id() ? $one : $kind;
        }

        return array_column($kind->options(), 'value');
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
