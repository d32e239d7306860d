<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Stock;

use Rinkel\App\Cutting\ChosenPiecesReader;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockMovements;
use Rinkel\App\Stock\StoredItem;
use Rinkel\App\Stock\TakenMeanwhile;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Stock\Kind;
use Rinkel\Tests\App\WebCase;
use Rinkel\Tests\Core\Chance;
use Symfony\Component\HttpFoundation\ParameterBag;

final class StockBoxTest extends WebCase
{
    /**
     * Nothing is made or lost over random histories of the box: what was put in, less what was cut and what was waste,
     * is what is there; beads likewise, to the bead; undone, it is as it was.
     */
    public function testWhatIsThereIsWhatCameLessWhatWent(): void
    {
        $piece = $this->lay([
            'beads' => ['b' => ['diameter' => '6 mm', 'hole' => '3 mm', 'colour' => '#123456']],
            'pattern' => '3 square, 5 bead b, 3 square',
        ]);
        $box = self::getContainer()->get(StockBox::class);
        $movements = self::getContainer()->get(StockMovements::class);
        $choosing = self::getContainer()->get(ChosenPiecesReader::class);
        $chosen = $choosing->of(new ParameterBag(['p' => [(string) $piece->id()]]));
        [$need] = $chosen->needs();
        self::assertSame(5, $need->count);
        $cord = $chosen->pieces[0][1]->cuts[0]->cord;
        for ($seed = 1; $seed <= 25; ++$seed) {
            $chance = new Chance($seed);
            self::emptyStock();
            [$there, $beads] = [0.0, $chance->whole(0, 30)];
            $offcuts = array_map(
                static fn (): string => $chance->whole(160, 2600).' mm',
                range(1, $chance->whole(1, 6)),
            );
            $spools = [$chance->whole(1000, 9000).' mm'];
            $uid = $box->keep(null, Kind::Cord, [
                'fibre' => $cord->fibre->value,
                'thickness' => (string) $cord->thickness,
                'colour' => $cord->colour->hex,
                'offcuts' => $offcuts, 'spools' => $spools,
            ])->uid();
            $bead = $box->keep(null, Kind::Bead, [
                'diameter' => '6 mm', 'hole' => '3 mm', 'colour' => '#123456', 'count' => $beads,
            ])->uid();
            $there = self::total($box, $uid);
            for ($act = 0; $act < 6; ++$act) {
                $before = [$there, $beads, $box->mark()];
                $turn = $chance->whole(0, 3);
                if (0 === $turn) {
                    $left = Length::ofMillimetres($chance->whole(20, 500));
                    $movements->bring($cord, [$left], 'left');
                    $there += $left->millimetres < Cutting::WASTE ? 0.0 : $left->millimetres;
                } elseif (1 === $turn) {
                    $movements->receive([[$cord, Length::ofMillimetres(5000), []], [$need->what, 7, []]], 'bought');
                    [$there, $beads] = [$there + 5000.0, $beads + 7];
                } else {
                    $cutting = $chosen->cutting($box->cords($chosen->likenesses()));
                    $taking = $movements->take($cutting, [$need], $box->mark(), 'taken');
                    [, $stock, $sheet] = $cutting->sheets[0];
                    self::assertNotNull($stock);
                    foreach ($sheet->taken as $taken) {
                        $rest = $taken->left->millimetres ?? 0.0;
                        $isWaste = !$taken->supply->isSpool && $rest < Cutting::WASTE || $rest < 1;
                        $there -= $taken->sum()->millimetres + ($isWaste ? $rest : 0.0);
                    }
                    $beads = max(0, $beads - $need->count);
                    if (3 === $turn) {
                        $movements->undo($taking->uid);
                        [$there, $beads, $mark] = $before;
                        self::assertSame($mark, $box->mark(), 'undone is as it was, '.$chance);
                        $this->assertThrowsWhenUndoneTwice($movements, $taking->uid);
                    }
                }
                self::assertEqualsWithDelta($there, self::total($box, $uid), 0.01, $chance.', act '.$act);
                self::assertSame($beads, $box->withUid($bead)?->document()['count'], $chance.', act '.$act);
            }
        }
    }

    public function testLettersAreTakenOneByOne(): void
    {
        $piece = $this->lay([
            'beads' => ['a' => ['shape' => 'letter', 'diameter' => '6 mm', 'hole' => '3 mm']],
            'pattern' => '2 square, word "ANNA" of a, 2 square',
        ]);
        $box = self::getContainer()->get(StockBox::class);
        $movements = self::getContainer()->get(StockMovements::class);
        $item = $box->keep(null, Kind::Bead, ['shape' => 'letter', 'diameter' => '6 mm', 'letters' => 'A3 N2 O1']);
        $chosen = self::getContainer()->get(ChosenPiecesReader::class)->of(
            new ParameterBag(['p' => [(string) $piece->id()]]),
        );
        $taking = $movements->take($chosen->cutting([]), $chosen->needs(), $box->mark(), 'x');
        self::assertSame('A1 N0 O1', $this->again($item)->text('letters'));
        $movements->undo($taking->uid);
        self::assertSame('A3 N2 O1', $this->again($item)->text('letters'));
        $movements->receive([[$chosen->needs()[0]->what, 3, ['N' => 2, 'E' => 1]]], 'x');
        self::assertSame('A3 E1 N4 O1', (string) $box->rows(Kind::Bead)[0]->counted()?->letters());
    }

    /**
     * What was bought and was not in the box comes as a kind of its own; undone, it is gone.
     */
    public function testWhatIsNewComesAndGoes(): void
    {
        $piece = $this->lay();
        $box = self::getContainer()->get(StockBox::class);
        $movements = self::getContainer()->get(StockMovements::class);
        $chosen = self::getContainer()->get(ChosenPiecesReader::class)->of(
            new ParameterBag(['p' => [(string) $piece->id()]]),
        );
        $cord = $chosen->cutting([])->sheets[0][0];
        $taking = $movements->receive([[$cord, Length::parse('3 m', Unit::Metre), []]], 'x');
        self::assertSame(['3000 mm'], $box->all()[0]->texts('spools'));
        self::assertNotNull($box->of($cord));
        $movements->undo($taking->uid);
        self::assertSame([], $box->all());
    }

    private function assertThrowsWhenUndoneTwice(StockMovements $movements, string $uid): void
    {
        try {
            $movements->undo($uid);
            self::fail('It was undone twice.');
        } catch (TakenMeanwhile) {
            $this->addToAssertionCount(1);
        }
    }

    private function again(StoredItem $item): StoredItem
    {
        return self::getContainer()->get(StockBox::class)->withUid($item->uid()) ?? self::fail('It is gone.');
    }

    private static function total(StockBox $box, string $uid): float
    {
        $sum = 0.0;
        $stored = $box->withUid($uid);
        foreach ([...($stored?->texts('spools') ?? []), ...($stored?->texts('offcuts') ?? [])] as $text) {
            $sum += Length::parse($text, Unit::Millimetre)->millimetres;
        }

        return $sum;
    }
}
