<?php

declare(strict_types=1);

namespace Rinkel\App\Cutting;

use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Strain;
use Rinkel\Core\Plan\Need;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Stock\StockCord;
use Rinkel\Core\Work\Cure;

/**
 * Some pieces, each with how many are made of it, and makings that are planned or partly cut: what is cut, bought and
 * paid for together.
 */
final readonly class ChosenPieces
{
    /**
     * @param list<array{StoredPiece, Plan, int, StoredMaking|null}> $pieces with the making that each is, where it is
     *                                                                       one already
     */
    public function __construct(public array $pieces) {}

    public function has(StoredPiece $stored): bool
    {
        return $this->times($stored) > 0;
    }

    public function times(StoredPiece $stored): int
    {
        foreach ($this->pieces as [$one, , $times, $making]) {
            if ($one->id() === $stored->id() && null === $making) {
                return $times;
            }
        }

        return 0;
    }

    /**
     * Returns how many pieces are made in all.
     */
    public function count(): int
    {
        return array_sum(array_column($this->pieces, 2));
    }

    /**
     * @return list<array{StoredPiece, Plan, int, StoredMaking|null}> each kind once, with how many there are of it
     */
    public function kinds(): array
    {
        $kinds = [];
        foreach ($this->pieces as [$stored, $plan, $times, $making]) {
            $key = spl_object_id($plan);
            $kinds[$key] = [$stored, $plan, $times + ($kinds[$key][2] ?? 0), $making];
        }

        return array_values($kinds);
    }

    /**
     * Returns how many cords are cut in all.
     */
    public function cuts(): int
    {
        $cuts = 0;
        foreach ($this->pieces as [, $plan, $times, $making]) {
            $cuts += $times * array_sum(array_map(static fn (Cut $cut): int => $cut->count, $plan->cuts))
                - \count($making?->isCut() ?? []);
        }

        return $cuts;
    }

    /**
     * @return array<string, Cord> from which something is cut, by likeness
     */
    public function cords(): array
    {
        $cords = [];
        foreach ($this->pieces as [, $plan]) {
            foreach ($plan->cuts as $cut) {
                $cords[$cut->cord->materialKey()] ??= $cut->cord;
            }
        }

        return $cords;
    }

    /**
     * @return list<string> keys of the cords from which something is cut
     */
    public function likenesses(): array
    {
        return array_map(strval(...), array_keys($this->cords()));
    }

    /**
     * @param list<StockCord> $stock
     * @param string|null     $only  the likeness of the cord that is cut, all when null
     */
    public function cutting(array $stock, ?string $only = null): Cutting
    {
        [$cuts, $done] = [[], []];
        foreach ($this->named() as $name => [, $plan, $making]) {
            $piece = $plan->draft->piece;
            $cuts[$name] = [array_values(array_filter(
                $plan->cuts,
                static fn (Cut $cut): bool => null === $only || $only === $cut->cord->materialKey(),
            )), $piece->habits->cutStep($piece->unit)];
            $done[$name] = $making?->isCut() ?? [];
        }

        return Cutting::of($cuts, $stock, done: $done);
    }

    /**
     * Returns what is made one by one, each by a name of its own, as its label says it: "Harbour rail (2)".
     *
     * @return array<string, array{StoredPiece, Plan, StoredMaking|null}>
     */
    public function named(): array
    {
        $named = [];
        foreach ($this->pieces as [$stored, $plan, $times, $making]) {
            for ([$done, $which] = [0, 1]; $done < $times; ++$which) {
                $name = $plan->draft->piece->name.(1 === $which ? '' : ' ('.$which.')');
                if (!isset($named[$name])) {
                    $named[$name] = [$stored, $plan, $making];
                    ++$done;
                }
            }
        }

        return $named;
    }

    /**
     * @return list<Need> beads and findings that were not taken out for them yet
     */
    public function needs(): array
    {
        return Need::of(array_values(array_map(
            static fn (array $one): array => [$one[1], $one[2]],
            array_filter(
                $this->pieces,
                static fn (array $one): bool => [] === ($one[3]?->things() ?? []) && true !== $one[3]?->isRepair(),
            ),
        )));
    }

    /**
     * @return list<Strain> what is glued on them has to bear
     */
    public function strains(): array
    {
        $strains = [];
        foreach ($this->pieces as [, $plan]) {
            foreach (Cure::in($plan->acts()) as $cure) {
                $strains[$cure->strain()->value] = $cure->strain();
            }
        }

        return array_values($strains);
    }

    /**
     * Returns what they are called, one after the other: "Harbour rail, Tassel × 3".
     */
    public function names(): string
    {
        $times = [];
        foreach ($this->pieces as [, $plan, $count]) {
            $times[$plan->draft->piece->name] = ($times[$plan->draft->piece->name] ?? 0) + $count;
        }

        return implode(', ', array_map(
            static fn (string|int $name, int $count): string => $name.($count > 1 ? ' × '.$count : ''),
            array_keys($times),
            $times,
        ));
    }

    /**
     * Returns them as an address says them.
     *
     * @return array{p: list<int>, n: array<int, int>, m: list<int>}
     */
    public function query(): array
    {
        $query = ['p' => [], 'n' => [], 'm' => []];
        foreach ($this->pieces as [$stored, , $times, $making]) {
            if (null !== $making) {
                $query['m'][] = $making->id();
                continue;
            }
            $query['p'][] = $stored->id();
            if ($times > 1) {
                $query['n'][$stored->id()] = $times;
            }
        }

        return $query;
    }
}
