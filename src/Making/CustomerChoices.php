<?php

declare(strict_types=1);

namespace Rinkel\App\Making;

use Rinkel\App\Orders\CustomerAnswer;
use Rinkel\App\Orders\Orders;
use Rinkel\App\Orders\StoredOrder;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Failure;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Stock\Kind;

/**
 * What a customer may choose of an order: the size of each thing that is not cut yet, and its colours among the cords
 * that the maker has.
 */
final readonly class CustomerChoices
{
    /** Two girths nearer than that are the same on a tape, in mm. */
    private const NEAR = 0.8;

    public function __construct(
        private Makings $makings,
        private MakingPlans $plans,
        private StockBox $stock,
        private Orders $orders,
    ) {}

    /**
     * @return list<OpenChoice> one for things that are alike; what cannot be planned is left out
     */
    public function of(StoredOrder $order): array
    {
        $groups = [];
        foreach ($this->makings->ofOrder($order) as $making) {
            $groups[MakingPlans::alike($making).$making->state()->value][] = $making;
        }
        $all = [];
        foreach ($groups as $group) {
            try {
                $plan = $this->plans->plan($group[0]);
                $all[] = new OpenChoice($group, $plan, $this->colours($group[0]->piece(), array_map(
                    static fn (CordUse $use): Cord => $use->cord,
                    $plan->draft->piece->cords,
                )));
            } catch (PieceUnreadable) {
                // Its maker is told on the piece; to a customer it says nothing.
            }
        }

        return $all;
    }

    /**
     * Returns a customer's answer, each choice of it tried: whatever is chosen can be made.
     *
     * @param array<string, array<string, string>> $typed by the key of the choice: girth, colour.<cord>
     *
     * @throws PieceUnreadable If something of it cannot be made, at "KEY.girth" or "note"
     */
    public function read(StoredOrder $order, string $note, array $typed, \DateTimeImmutable $at): CustomerAnswer
    {
        $things = [];
        foreach ($this->of($order) as $choice) {
            $chosen = $choice->isOpen() ? $this->chosen($choice, $typed[$choice->key()] ?? []) : [];
            if ([] === $chosen) {
                continue;
            }
            $this->tried($choice, $chosen);
            foreach ($choice->makings as $making) {
                $things[$making->uid()] = $chosen;
            }
        }

        return CustomerAnswer::given($note, $things, $at);
    }

    /**
     * Has the things of an order made as their customer chose, where nothing was cut for them yet and their piece still
     * allows it.
     *
     * @return int how many it was too late for
     *
     * @throws PieceUnreadable If the answer cannot be read
     */
    public function use(StoredOrder $order): int
    {
        $answer = $order->answer();
        if (null === $answer) {
            return 0;
        }
        $late = 0;
        foreach ($answer->things as $uid => $chosen) {
            $making = $this->makings->withUid($uid);
            if (null === $making || $making->order() !== $order || !self::isOpen($making)
                || !$this->canBe($making, $chosen)) {
                ++$late;
                continue;
            }
            $making->change(self::changed($making, $chosen));
        }
        $this->orders->answer($order, $answer->done(true));

        return $late;
    }

    /**
     * @return array<string, string> what the cords in stock are called, by their colours
     */
    public function names(): array
    {
        $names = [];
        foreach ($this->stock->rows(Kind::Cord) as $row) {
            $names += [$row->cord()->cord->colour->hex ?? '' => $row->stored->text('name')];
        }

        return $names;
    }

    /**
     * @param array<string, string> $typed
     *
     * @return array<string, string> what is other than planned
     */
    private function chosen(OpenChoice $choice, array $typed): array
    {
        $chosen = [];
        $girth = trim($typed['girth'] ?? '');
        if ('' !== $girth && !self::isNear($choice, $girth)) {
            $chosen['girth'] = self::withUnit($girth, $choice->unit());
        }
        foreach ($choice->colours as $role => $colour) {
            $hex = $typed['colour.'.$role] ?? '';
            if (isset($colour['all'][$hex]) && $hex !== $colour['is']) {
                $chosen['colour.'.$role] = $hex;
            }
        }

        return $chosen;
    }

    /**
     * Returns whether a girth is the one that is planned, as far as a tape tells.
     *
     * @throws PieceUnreadable If it is no length
     */
    private static function isNear(OpenChoice $choice, string $girth): bool
    {
        try {
            $apart = Length::parse($girth, $choice->unit())->minus($choice->girth())->absolute();
        } catch (Failure $failure) {
            throw PieceUnreadable::at($choice->key().'.girth', $failure->said());
        }

        return $apart->isShorterThan(Length::ofMillimetres(self::NEAR));
    }

    /**
     * @param array<string, string> $chosen
     *
     * @throws PieceUnreadable
     */
    private function tried(OpenChoice $choice, array $chosen): void
    {
        try {
            $this->plan($choice->makings[0], $chosen);
        } catch (PieceUnreadable $unreadable) {
            throw PieceUnreadable::at($choice->key().'.girth', $unreadable->faults[0]->said);
        }
    }

    /**
     * @param array<string, string> $chosen
     */
    private function canBe(StoredMaking $making, array $chosen): bool
    {
        try {
            $this->plan($making, $chosen);

            return true;
        } catch (PieceUnreadable) {
            return false;
        }
    }

    /**
     * @param array<string, string> $chosen
     *
     * @throws PieceUnreadable If it cannot be planned so
     */
    private function plan(StoredMaking $making, array $chosen): void
    {
        $piece = $making->piece();
        if (null !== $piece) {
            $this->plans->plan($this->makings->plan($piece, $making->order(), self::changed($making, $chosen)));
        }
    }

    /**
     * Returns what is other of a thing when its customer's choice is; of another wrist the hand is not known.
     *
     * @param array<string, string> $chosen
     *
     * @return array<string, string>
     *
     * @throws PieceUnreadable
     */
    private static function changed(StoredMaking $making, array $chosen): array
    {
        return KeptMakings::changes(
            $chosen + array_diff_key($making->changes(), isset($chosen['girth']) ? ['hand' => ''] : []),
        );
    }

    /**
     * Returns a length as it was typed, with the unit of its piece where none was: then it says another thing in each.
     */
    private static function withUnit(string $typed, Unit $unit): string
    {
        $isSaid = Length::parse($typed, Unit::Centimetre)->equals(Length::parse($typed, Unit::Inch));

        return $isSaid ? $typed : $typed.' '.$unit->value;
    }

    /**
     * Returns whether nothing was begun of it.
     */
    public static function isOpen(StoredMaking $making): bool
    {
        return MakingState::Planned === $making->state() && !$making->isFrozen();
    }

    /**
     * @param array<string, Cord> $cords by role
     *
     * @return array<string, array{is: string, all: array<string, string>}> of the cords whose colour its piece says,
     *                                                                      where there is a choice
     */
    private function colours(?StoredPiece $piece, array $cords): array
    {
        $said = LooseData::of($piece?->document() ?? [])->array('cords');
        $colours = [];
        foreach (array_intersect_key($cords, array_filter($said, \is_array(...))) as $role => $cord) {
            $all = [];
            foreach ($this->stock->rows(Kind::Cord) as $row) {
                $other = $row->cord()?->cord;
                if (null !== $other && $other->fibre === $cord->fibre && $other->thickness->equals($cord->thickness)) {
                    $all[$other->colour->hex] ??= $row->stored->text('name');
                }
            }
            if ([] !== array_diff_key($all, [$cord->colour->hex => ''])) {
                $colours[$role] = ['is' => $cord->colour->hex, 'all' => $all + [$cord->colour->hex => '']];
            }
        }

        return $colours;
    }
}
