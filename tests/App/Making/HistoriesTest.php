<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Making;

use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\Group;
use Rinkel\App\Board\Boards;
use Rinkel\App\Board\Taps;
use Rinkel\App\Cutting\ChosenPieces;
use Rinkel\App\Cutting\ChosenPiecesReader;
use Rinkel\App\Cutting\SheetTaker;
use Rinkel\App\Document\PlanDocument;
use Rinkel\App\Kept\Bin;
use Rinkel\App\Log\PieceFinisher;
use Rinkel\App\Log\Reopener;
use Rinkel\App\Making\KeptMakings;
use Rinkel\App\Making\MakingPlans;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\MakingState;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Samples\Samples;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockMovements;
use Rinkel\App\Stock\TakenMeanwhile;
use Rinkel\App\Stock\Ticks;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Cutting\Demand;
use Rinkel\Core\Cutting\Taking;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Stock\Kind;
use Rinkel\Core\Stock\Supply;
use Rinkel\Tests\App\WebCase;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Whole;

/**
 * Random histories of a bench: whatever is cut, put back, laid on boards, finished, delivered, undone, deleted and
 * restored, cord is neither made nor lost, and nothing that is cut becomes another because its piece, the hand, the
 * settings or the stock do.
 */
final class HistoriesTest extends WebCase
{
    private const HISTORIES = 50;
    private const USUALLY = 15;

    /** @var array<string, string> plans of what is a fact, as they were then, by the making's uid */
    private array $facts = [];

    /** In mm, all kinds of cord together. */
    private float $came = 0.0;
    private float $wasted = 0.0;

    #[Group('whole')]
    public function testNothingIsLostAndFactsStay(): void
    {
        for ($seed = 1; $seed <= (Whole::is() ? self::HISTORIES : self::USUALLY); ++$seed) {
            $this->setUp0();
            $chance = new Chance($seed);
            $design = $this->lay(['pattern' => '1 square x fit'])->uid();
            $this->fill($design, $chance);
            for ($act = 0; $act < 9; ++$act) {
                $did = $this->act($design, $chance);
                $this->balance($seed.', act '.$act.': '.$did);
                $this->stay($seed.', act '.$act.': '.$did);
            }
        }
    }

    private function setUp0(): void
    {
        self::ensureKernelShutdown();
        $this->setUp();
        [$this->facts, $this->left, $this->came, $this->wasted] = [[], [], 0.0, 0.0];
    }

    private function fill(string $design, Chance $chance): void
    {
        foreach ($this->chosen($design, 1)->cords() as $cord) {
            $offcuts = array_map(static fn (): string => $chance->whole(200, 2500).' mm', range(1, $chance->whole(1, 4)));
            $spools = [$chance->whole(9000, 30000).' mm'];
            $this->of(StockBox::class)->keep(null, Kind::Cord, [
                'fibre' => $cord->fibre->value, 'thickness' => (string) $cord->thickness, 'colour' => $cord->colour->hex,
                'offcuts' => $offcuts, 'spools' => $spools,
            ]);
        }
        $this->came = $this->there();
    }

    private function act(string $design, Chance $chance): string
    {
        $all = $this->makings();
        $making = [] === $all ? null : $chance->of($all);

        return match ($chance->whole(0, 9)) {
            0, 1 => $this->cut($design, $chance),
            2 => $this->undo(),
            3 => $this->board($making, $chance),
            4, 5 => $this->finish($making, $chance),
            6 => $this->back($making, $chance),
            7 => $this->cord($making),
            8 => $this->change($design, $chance),
            default => $this->binned($making),
        };
    }

    private function cut(string $design, Chance $chance): string
    {
        $chosen = $this->chosen($design, $chance->whole(1, 2));
        $box = $this->of(StockBox::class);
        $cutting = $chosen->cutting($box->cords($chosen->likenesses()));
        $isAll = $chance->oneIn(2);
        $ticked = [];
        foreach ($cutting->sheets as [, $stock, $sheet]) {
            foreach ($sheet->taken as $taken) {
                foreach ($taken->cuts as [$demand, $length]) {
                    $tick = Ticks::of($demand, $length, $taken->supply);
                    if ($isAll || !$chance->oneIn(3)) {
                        $ticked[$tick] = true;
                        $this->of(Ticks::class)->set($tick, true);
                    }
                }
            }
            if (null !== $stock) {
                $this->wasted += Taking::of($stock, $sheet, static fn (
                    Demand $demand,
                    Length $length,
                    Supply $supply,
                ): bool => isset($ticked[Ticks::of($demand, $length, $supply)]))->wasted->millimetres;
            }
        }
        foreach ($this->of(SheetTaker::class)->take($chosen, $cutting, [], false, $box->mark()) as $making) {
            $this->fact($making);
        }

        return 'cut';
    }

    /**
     * Takes the last act back that cut something; what it wasted is there again.
     */
    private function undo(): string
    {
        $taking = $this->of(StockMovements::class)->lastTaking();
        if (null === $taking || 'taken' !== $taking->turn->value) {
            return 'nothing to undo';
        }
        $held = array_sum(array_map(self::held(...), $this->makings()));
        $there = $this->there();
        try {
            $this->of(SheetTaker::class)->back($taking);
            $this->clear();
            // Its cords and its waste are on the spool again.
            $this->wasted -= $this->there() - $there
                - ($held - array_sum(array_map(self::held(...), $this->makings())));
        } catch (TakenMeanwhile) {
            return 'undo refused';
        }

        return 'undone';
    }

    private function board(?StoredMaking $making, Chance $chance): string
    {
        if (null === $making || !$making->state()->isBefore(MakingState::Made)) {
            return 'no board';
        }
        $board = $this->of(Boards::class)->lay($making);
        $this->fact($making);
        $acts = $this->of(MakingPlans::class)->plan($making)->acts();
        if (MakingState::Cut === $making->state()) {
            self::assertGreaterThanOrEqual($acts->cutting(), $board->moves(), 'what is cut is not cut again');
        }
        $this->of(Taps::class)->one($board, $chance->whole(1, 20));

        return 'board';
    }

    private function finish(?StoredMaking $making, Chance $chance): string
    {
        if (null === $making || !$making->state()->isBefore(MakingState::Made)) {
            return 'nothing to finish';
        }
        $this->fact($making);
        $typed = ['stock' => '1', 'sure' => '1'];
        $lengths = $making->lengths();
        foreach ($this->of(MakingPlans::class)->plan($making)->cuts as $cut) {
            $one = (int) ($lengths[$cut->role] ?? $cut->length)->millimetres;
            // What was never cut leaves nothing.
            if (isset($lengths[$cut->role]) && $chance->oneIn(2)) {
                [$a, $b] = [intdiv($one * $chance->whole(0, 40), 100), intdiv($one * $chance->whole(0, 40), 100)];
                $typed['left.'.$cut->role] = $a.' mm + '.$b.' mm';
                foreach ([$a, $b] as $end) {
                    $this->left[$making->uid()][] = (float) $end;
                }
            }
        }
        self::assertSame([], $this->of(PieceFinisher::class)->finish($making, $typed));

        return 'finished';
    }

    /** @var array<string, list<float>> ends that were left, by what was made */
    private array $left = [];

    private function back(?StoredMaking $making, Chance $chance): string
    {
        if (null === $making || MakingState::Planned === $making->state()) {
            return 'nothing to put back';
        }
        $to = $chance->of(array_values(array_filter(
            MakingState::cases(),
            static fn (MakingState $one): bool => $one->isBefore($making->state()),
        )) ?: [MakingState::Planned]);
        $uid = $making->uid();
        $isReopened = $to->isBefore(MakingState::Made) && !$making->state()->isBefore(MakingState::Made);
        $short = MakingState::Planned === $to ? self::short($making) : 0.0;
        try {
            $this->of(Reopener::class)->back($making, $to);
        } catch (TakenMeanwhile) {
            return 'back refused';
        }
        if ($isReopened) {
            unset($this->left[$uid]);
        }
        $this->wasted += $short;
        $this->clear();
        if (null === $this->of(Makings::class)->withUid($uid) || MakingState::Planned === $to) {
            unset($this->facts[$uid]);
        }

        return 'back to '.$to->value;
    }

    private function cord(?StoredMaking $making): string
    {
        if (null === $making || [] === $making->cords() || !$making->state()->isBefore(MakingState::OnBoard)) {
            return 'no cord';
        }
        $one = $making->cords()[0];
        $length = Length::parse($one['length'], Unit::Millimetre)->millimetres;
        $this->wasted += $length < Cutting::WASTE ? $length : 0.0;
        $uid = $making->uid();
        $this->of(Reopener::class)->cord($making, $one['cord']);
        $this->clear();
        if (null === $this->of(Makings::class)->withUid($uid)) {
            unset($this->facts[$uid]);
        }

        return 'cord back';
    }

    /**
     * Changes the piece, the hand, the settings.
     */
    private function change(string $design, Chance $chance): string
    {
        $pieces = $this->of(Pieces::class);
        $stored = $pieces->withUid($design);
        self::assertNotNull($stored);
        switch ($chance->whole(0, 2)) {
            case 0:
                $pieces->alone($stored, static fn () => $pieces->save(
                    $stored,
                    Examples::piece(['wearer.girth' => $chance->whole(140, 200).' mm', 'pattern' => '1 square x fit']),
                    '',
                ));

                return 'the piece is another';
            case 1:
                $this->of(Samples::class)->add([
                    'knot' => 'square', 'cord' => ['fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#112233'],
                    'count' => 20, 'length' => $chance->whole(45, 60).' mm',
                    'core' => ['thickness' => '1 mm', 'count' => 2],
                ]);

                return 'the hand is another';
            default:
                $this->of(Preferences::class)->keep(['tension' => 'firm', 'rounding' => $chance->whole(1, 9).' cm']);

                return 'the settings are others';
        }
    }

    private function binned(?StoredMaking $making): string
    {
        if (null === $making || null !== $making->at(MakingState::OnBoard)) {
            return 'nothing for the bin';
        }
        $kept = $this->of(KeptMakings::class);
        $row = $kept->row($making);
        $removal = $this->of(Bin::class)->put($kept, $making);
        $this->of(Bin::class)->restore($removal);
        $this->clear();
        $again = $this->of(Makings::class)->withUid($making->uid());
        self::assertNotNull($again);
        self::assertEquals($row, $kept->row($again), 'as it was');

        return 'deleted and restored';
    }

    private function balance(string $when): void
    {
        $this->clear();
        $held = array_sum(array_map(self::held(...), $this->makings()));
        self::assertEqualsWithDelta(
            $this->came,
            $this->there() + $held + $this->wasted - array_sum(array_filter(
                array_merge(...array_values($this->left)),
                static fn (float $end): bool => $end >= Cutting::WASTE,
            )),
            0.5,
            'seed '.$when,
        );
    }

    private function stay(string $when): void
    {
        foreach ($this->makings() as $making) {
            if (isset($this->facts[$making->uid()])) {
                self::assertSame($this->facts[$making->uid()], $this->planned($making), 'seed '.$when);
            }
        }
    }

    private function fact(StoredMaking $making): void
    {
        if ($making->isFrozen()) {
            $this->facts[$making->uid()] ??= $this->planned($making);
        }
    }

    private function planned(StoredMaking $making): string
    {
        return (string) json_encode($this->of(PlanDocument::class)->of($this->of(MakingPlans::class)->plan($making)));
    }

    private function chosen(string $design, int $times): ChosenPieces
    {
        $stored = $this->of(Pieces::class)->withUid($design);
        self::assertNotNull($stored);

        return $this->of(ChosenPiecesReader::class)->of(new \Symfony\Component\HttpFoundation\ParameterBag([
            'p' => [(string) $stored->id()], 'n' => [$stored->id() => (string) $times],
        ]));
    }

    /**
     * @return list<StoredMaking>
     */
    private function makings(): array
    {
        return $this->of(EntityManagerInterface::class)->getRepository(StoredMaking::class)->findBy([], ['id' => 'ASC']);
    }

    private static function held(StoredMaking $making): float
    {
        return array_sum(array_map(
            static fn (array $one): float => Length::parse($one['length'], Unit::Millimetre)->millimetres,
            $making->cords(),
        ));
    }

    private static function short(StoredMaking $making): float
    {
        return array_sum(array_filter(array_map(
            static fn (array $one): float => Length::parse($one['length'], Unit::Millimetre)->millimetres,
            $making->cords(),
        ), static fn (float $one): bool => $one < Cutting::WASTE));
    }

    private function there(): float
    {
        $sum = 0.0;
        foreach ($this->of(StockBox::class)->rows(Kind::Cord) as $row) {
            $sum += $row->cord()?->total()->millimetres ?? 0.0;
        }

        return $sum;
    }

    private function clear(): void
    {
        $this->of(EntityManagerInterface::class)->clear();
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    private function of(string $class): object
    {
        $service = self::getContainer()->get($class);
        self::assertInstanceOf($class, $service);

        return $service;
    }
}
