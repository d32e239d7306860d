<?php

declare(strict_types=1);

namespace Rinkel\App\Making;

/**
 * How far several things have come together, as an order says it.
 */
final readonly class Progress
{
    /**
     * @param array<string, int> $counts by state, those of which there are any, in the order of the work
     */
    private function __construct(
        public array $counts,
        public int $all,
        public MakingState $state,
    ) {}

    /**
     * @param list<StoredMaking> $makings
     */
    public static function of(array $makings): self
    {
        $counts = array_fill_keys(
            array_map(static fn (MakingState $state): string => $state->value, MakingState::cases()),
            0,
        );
        foreach ($makings as $making) {
            ++$counts[$making->state()->value];
        }
        $counts = array_filter($counts, static fn (int $count): bool => $count > 0);

        return new self($counts, \count($makings), MakingState::from((string) (array_key_first($counts) ?? 'planned')));
    }

    /**
     * Returns whether everything is made, so that it can be sent.
     */
    public function isReady(): bool
    {
        return $this->all > 0 && !$this->state->isBefore(MakingState::Made);
    }

    public function isDelivered(): bool
    {
        return $this->all > 0 && MakingState::Delivered === $this->state;
    }
}
