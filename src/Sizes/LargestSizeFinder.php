<?php

declare(strict_types=1);

namespace Rinkel\App\Sizes;

use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Stock\ItemReader;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Failure;
use Rinkel\Core\Measure\Exception\LengthOutOfRange;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Quoted;
use Rinkel\Core\Sizing\AvailableMaterials;
use Rinkel\Core\Sizing\GrowingGirth;
use Rinkel\Core\Sizing\GrowingLength;
use Rinkel\Core\Sizing\GrowingRows;
use Rinkel\Core\Sizing\Growth;
use Rinkel\Core\Sizing\LargestFeasible;
use Rinkel\Core\Stock\Supply;
use Symfony\Component\HttpFoundation\ParameterBag;

/**
 * Works out how far what a maker has goes: "four cords of 48 in", "two metres and thirty of these beads".
 */
final readonly class LargestSizeFinder
{
    /** Cords in one pool. */
    private const MOST = 60;

    public function __construct(
        private Pieces $pieces,
        private Planner $planner,
        private StockBox $stock,
    ) {}

    /**
     * @param ParameterBag $sent by, and have[cords], have[cords.core], have[beads.amber]
     *
     * @throws PieceUnreadable If the design itself cannot be planned
     */
    public function of(StoredPiece $stored, ParameterBag $sent): LargestSizeResult
    {
        $wish = $this->pieces->piece($stored);
        $plan = $this->planner->plan($wish);
        $growths = self::growths($wish, $plan);
        $said = LooseData::of($sent->all());
        $by = isset($growths[$said->raw('by')]) ? $said->raw('by') : array_key_first($growths);
        $typed = array_filter($said->within('have')->typed(200), static fn (string $text): bool => '' !== $text);
        [$cords, $beads, $faults] = self::have($typed, $plan);
        $hand = new AvailableMaterials($cords, $beads, self::pools($plan, $cords));
        $far = [] === $faults && ([] !== $cords || [] !== $beads)
            ? LargestFeasible::of($this->planner, $growths[$by], $hand) : null;

        return new LargestSizeResult(
            array_keys($growths),
            $by,
            $plan,
            $typed,
            $far,
            $faults,
            null === $far?->step ? null : ShownSize::of(
                $this->planner,
                $growths[$by],
                $hand,
                $far->step,
                $said->exact('at', 0, 9999),
            ),
        );
    }

    /**
     * Returns cords by role, beads by name, and by field what cannot be read.
     *
     * @param array<string, string> $typed by field
     *
     * @return array{array<string, list<Length>>, array<string, int>, array<string, non-empty-list<Fault>>}
     */
    private static function have(array $typed, Plan $plan): array
    {
        [$cords, $beads, $faults] = [[], [], []];
        foreach ($typed as $field => $text) {
            try {
                $name = substr((string) strstr($field, '.'), 1);
                if (str_starts_with($field, 'cords')) {
                    $cords[$name] = self::lengths($text, $plan->draft->piece->unit, $field);
                } elseif (isset($plan->beads[$name])) {
                    $beads[$name] = self::number($text, $field);
                }
            } catch (PieceUnreadable $unreadable) {
                $faults[$field] = $unreadable->faults;
            }
        }

        return [$cords, $beads, $faults];
    }

    /**
     * Returns what of its materials lies in the box, as it is typed; what nobody counted or measured is left blank.
     *
     * @return array<string, string> by field
     */
    public function atHand(StoredPiece $stored): array
    {
        $plan = $this->planner->plan($this->pieces->piece($stored));
        $unit = $plan->draft->piece->unit;
        $keys = array_map(static fn (Cut $cut): string => $cut->cord->materialKey(), $plan->cuts);
        foreach (array_keys($plan->beads) as $name) {
            $keys[] = $plan->draft->piece->beads[$name]->materialKey();
        }
        $rows = $this->stock->like($keys);
        [$have, $seen] = [[], []];
        foreach ($plan->cuts as $cut) {
            $key = $cut->cord->materialKey();
            $lengths = array_filter(array_map(
                static fn (Supply $supply): ?Length => $supply->length,
                ($rows[$key] ?? null)?->cord()->supplies ?? [],
            ));
            if ([] !== $lengths && !isset($seen[$key])) {
                $seen[$key] = true;
                $have['cords.'.$cut->role] = implode('; ', array_map(
                    static fn (Length $length): string => (string) $length->written($unit),
                    $lengths,
                ));
            }
        }
        foreach (array_keys($plan->beads) as $name) {
            $count = ($rows[$plan->draft->piece->beads[$name]->materialKey()] ?? null)?->counted()?->count;
            if (null !== $count) {
                $have['beads.'.$name] = (string) $count;
            }
        }

        return $have;
    }

    /**
     * Returns from whose cords a role is cut about which nothing is said: those of another that is of the same cord.
     *
     * @param array<string, list<Length>> $cords that are said
     *
     * @return array<string, string>
     */
    private static function pools(Plan $plan, array $cords): array
    {
        [$pools, $of] = [[], []];
        foreach ($plan->cuts as $cut) {
            if (isset($cords[$cut->role])) {
                $of[$cut->cord->materialKey()] ??= $cut->role;
            }
        }
        foreach ($plan->cuts as $cut) {
            $pool = $of[$cut->cord->materialKey()] ?? null;
            if (null !== $pool && !isset($cords[$cut->role])) {
                $pools[$cut->role] = $pool;
            }
        }

        return $pools;
    }

    /**
     * Returns the design as far as it goes, to be laid on the Table.
     *
     * @throws PieceUnreadable If it cannot be planned
     */
    public function wish(StoredPiece $stored, string $by, int $step): PieceSpec
    {
        $wish = $this->pieces->piece($stored);
        $growths = self::growths($wish, $this->planner->plan($wish));
        $growth = $growths[$by] ?? $growths['girth'];
        [$least, $most] = $growth->range();

        return $growth->at(max($least, min($most, $step)));
    }

    /**
     * @return non-empty-array<string, Growth>
     */
    private static function growths(PieceSpec $wish, Plan $plan): array
    {
        $rows = GrowingRows::of($wish, $plan->draft->piece->pattern->tree);

        return ['girth' => new GrowingGirth($wish), 'length' => new GrowingLength($wish)]
            + (null === $rows ? [] : ['rows' => $rows]);
    }

    /**
     * Reads "4 x 48 in, 2 m": so many cords, each so long.
     *
     * @return list<Length>
     *
     * @throws PieceUnreadable
     */
    private static function lengths(string $text, Unit $unit, string $field): array
    {
        $lengths = [];
        foreach (ItemReader::listed($text) as $one) {
            $isMany = 1 === preg_match('/^(\d{1,2})\s*[x×*]\s*(.+)$/iu', $one, $match);
            try {
                $length = Length::parse($isMany ? $match[2] ?? '' : $one, $unit);
            } catch (Failure $failure) {
                throw PieceUnreadable::at($field, $failure->said());
            }
            if ($length->isZero() || $length->millimetres > 1_000_000) {
                [$least, $most] = [Length::ofMillimetres(1), Length::ofMillimetres(1_000_000)];
                throw PieceUnreadable::at($field, LengthOutOfRange::outside($length, $least, $most, $unit)->said());
            }
            array_push($lengths, ...array_fill(0, $isMany ? max(1, (int) ($match[1] ?? 1)) : 1, $length));
        }

        return \array_slice($lengths, 0, self::MOST);
    }

    /**
     * @throws PieceUnreadable
     */
    private static function number(string $text, string $field): int
    {
        $said = ['least' => 0, 'most' => 99_999, 'found' => new Quoted($text)];

        return 1 === preg_match('/^\d{1,5}$/D', $text)
            ? (int) $text
            : throw PieceUnreadable::at($field, new Message('number-wanted', $said));
    }
}
