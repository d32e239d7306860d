<?php

declare(strict_types=1);

namespace Rinkel\App\Buying;

use Rinkel\App\Cutting\ChosenPieces;
use Rinkel\App\Cutting\ChosenPiecesReader;
use Rinkel\App\Making\MakingPlans;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Piece\Evidence;
use Rinkel\Core\Cutting\Demand;
use Rinkel\Core\Measure\Length;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

/**
 * What open orders still take: as much of the stock is not free for anything else.
 */
final readonly class Promised
{
    /** For so long, in seconds: a day. */
    private const KEPT = 86_400;

    public function __construct(
        private Makings $makings,
        private ChosenPiecesReader $choosing,
        private Evidence $evidence,
        private CacheInterface $cache,
    ) {}

    /**
     * @param ChosenPieces|null $but what is looked at already
     *
     * @return array<string, Length|int> how much of each cord, and how many of each bead and finding, by likeness
     */
    public function all(?ChosenPieces $but = null): array
    {
        $ids = array_values(array_diff($this->makings->asked(), $but?->query()['m'] ?? []));
        $makings = [] === $ids ? [] : array_values($this->makings->these($ids));
        // Planning all of them takes a while, and changes only with what they are.
        $what = array_map(static fn (StoredMaking $one): array => [
            MakingPlans::alike($one), $one->piece()?->state(), $one->isCut(), [] === $one->things(), $one->isRepair(),
        ], $makings);

        return $this->cache->get(
            'promised-'.hash('xxh3', serialize([$what, $this->evidence->evidence()])),
            function (ItemInterface $item) use ($makings): array {
                $item->expiresAfter(self::KEPT);

                return $this->planned($makings);
            },
        );
    }

    /**
     * @param list<StoredMaking> $makings
     *
     * @return array<string, Length|int>
     */
    private function planned(array $makings): array
    {
        $chosen = $this->choosing->makings($makings);
        $promised = [];
        foreach ($chosen->cutting([])->sheets as [$cord, , $sheet]) {
            if ([] !== $sheet->unserved) {
                $promised[$cord->materialKey()] = Length::sum(...array_map(
                    static fn (Demand $demand): Length => $demand->wished,
                    $sheet->unserved,
                ));
            }
        }
        foreach ($chosen->needs() as $need) {
            $promised[$need->what->materialKey()] = $need->count;
        }

        return $promised;
    }
}
