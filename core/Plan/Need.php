<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan;

use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Stock\Counted;

/**
 * How many beads or findings of one kind some pieces take.
 *
 * @internal
 */
final readonly class Need
{
    /**
     * @param list<string>       $names   what pieces call it
     * @param array<string, int> $letters of letter beads, how many of each
     */
    private function __construct(
        public Bead|Finding $what,
        public array $names,
        public int $count,
        public array $letters = [],
    ) {}

    /**
     * Returns what pieces take, beads before findings, each kind once.
     *
     * @param list<array{Plan, int}> $plans each with how many are made of it
     *
     * @return list<self>
     */
    public static function of(array $plans): array
    {
        [$beads, $findings] = [[], []];
        foreach ($plans as [$plan, $times]) {
            $piece = $plan->draft->piece;
            $letters = $plan->letters();
            foreach ($plan->beads as $name => $count) {
                $bead = $piece->beads[$name] ?? null;
                if (null !== $bead && $count > 0) {
                    $key = $bead->materialKey();
                    $own = array_map(static fn (int $one): int => $one * $times, $letters[$name] ?? []);
                    $beads[$key] = (new self(
                        $bead,
                        [(string) $name],
                        $count * $times,
                        $own,
                    ))->with($beads[$key] ?? null);
                }
            }
            foreach ($plan->findings() as $name => $count) {
                $finding = $piece->findings[$name];
                $key = $finding->materialKey();
                $findings[$key] = (new self(
                    $finding,
                    [(string) $name],
                    $count * $times,
                ))->with($findings[$key] ?? null);
            }
        }

        return [...array_values($beads), ...array_values($findings)];
    }

    /**
     * Returns how many of them there are not.
     *
     * @param Counted|null $there null where there are none
     */
    public function missing(?Counted $there): int
    {
        $letters = $there?->letters();

        return match (true) {
            null === $there => $this->count,
            [] !== $this->letters && null !== $letters => array_sum($letters->missing($this->letters)),
            null === $there->count => 0,
            default => max(0, $this->count - $there->count),
        };
    }

    /**
     * Returns as much as either takes: one set for both. Of letter beads it is that of each letter.
     */
    public function and(?self $other): self
    {
        if (null === $other) {
            return $this;
        }
        $letters = $other->letters;
        foreach ($this->letters as $letter => $count) {
            $letters[$letter] = max($count, $letters[$letter] ?? 0);
        }

        return new self(
            $other->what,
            array_values(array_unique([...$other->names, ...$this->names])),
            max($other->count, $this->count, array_sum($letters)),
            $letters,
        );
    }

    private function with(?self $other): self
    {
        if (null === $other) {
            return $this;
        }
        $letters = $other->letters;
        foreach ($this->letters as $letter => $count) {
            $letters[$letter] = ($letters[$letter] ?? 0) + $count;
        }

        return new self(
            $other->what,
            array_values(array_unique([...$other->names, ...$this->names])),
            $other->count + $this->count,
            $letters,
        );
    }
}
