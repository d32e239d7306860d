<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Knot\Kind\Barrel;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\KnotBook;
use Rinkel\Core\Knot\Sample;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TyingContext;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

/**
 * A maker's own sample counts wherever that knot is tied, also where no pattern names it.
 */
final class SamplesReachAllTest extends TestCase
{
    /**
     * @param array<string, mixed> $changes
     */
    #[DataProvider('provideHiddenKnots')]
    public function testAThirstySampleLengthensTheCut(string $construction, string $knot, array $changes = []): void
    {
        $pitch = '3 mm';
        $modest = Examples::planOf(
            $construction,
            $changes + ['samples' => [$knot => ['pitch' => $pitch, 'use' => '20 mm']]],
        );
        $thirsty = Examples::planOf(
            $construction,
            $changes + ['samples' => [$knot => ['pitch' => $pitch, 'use' => '45 mm']]],
        );

        self::assertGreaterThan(self::cord($modest) + 5, self::cord($thirsty));
    }

    /**
     * @return iterable<string, array{0: string, 1: string, 2?: array<string, mixed>}>
     */
    public static function provideHiddenKnots(): iterable
    {
        yield 'the half knots that hold rows' => ['multi-row', 'half left'];
        yield 'the hitches around outer rows' => ['multi-row', 'hitch'];
        yield 'the lark\'s heads of a wave' => ['wave-band', 'vertical lark'];
        yield 'the knots of a net' => ['netted-pouch', 'overhand'];
        yield 'the barrels of a wrap' => ['bundled-wrap', 'barrel'];
        yield 'the stop of a tail' => ['square-knot-band', 'overhand'];
        yield 'the slider' => ['spaced-knots', 'barrel', ['closure.kind' => 'double-barrel']];
        yield 'a section of waves' => ['wave-band', 'wave'];
        yield 'a length of braid' => ['netted-pouch', 'braid'];
        yield 'lacing through links' => ['laced-chain', 'link'];
        yield 'the stop beside a single barrel' => ['spaced-knots', 'barrel', ['closure.kind' => 'single-barrel']];
    }

    /**
     * Square knots measured on the band: its slider, tied around twice the cores, takes more of each knot, by the share by
     * which the model does.
     */
    public function testASampleIsScaledToAnotherBundle(): void
    {
        $plain = Examples::plan(['pattern' => '57 square']);
        $sampled = Examples::plan([
            'pattern' => '57 square',
            'samples.square' => ['pitch' => '3 mm', 'use' => '20 mm'],
        ]);
        $inBand = static fn (Plan $plan): float => $plan->draft->setting->elements[0]->takes['working']->knots->millimetres;
        $inSlider = static fn (Plan $plan): float => $plan->cuts[2]->part('knots')->millimetres;

        self::assertEqualsWithDelta(20, $inBand($sampled), 1e-9, 'as measured where it was measured');
        self::assertEqualsWithDelta(
            $inSlider($plain) / $inBand($plain),
            $inSlider($sampled) / $inBand($sampled),
            1e-6,
        );
        self::assertSame(
            $sampled->draft->setting->elements[0]->extent->length->millimetres * 57,
            round($sampled->draft->body()->millimetres, 6),
        );
    }

    public function testAnImpossibleSampleIsRefused(): void
    {
        foreach ([['3 mm', '2.9 mm'], ['0.5 mm', '4 mm']] as [$pitch, $use]) {
            try {
                Examples::plan(['samples.square' => ['pitch' => $pitch, 'use' => $use]]);
                self::fail($use);
            } catch (PieceUnreadable $unreadable) {
                self::assertSame('samples.square.use', $unreadable->faults[0]->path);
            }
        }
    }

    public function testASampleGrowsWithTheTurnsAsTheModelDoes(): void
    {
        $cord = new Cord(Fibre::WaxedCotton, Length::ofMillimetres(1), Colour::parse('#224466'));
        $model = static fn (int $turns) => (new Barrel())->tied(TyingContext::itself($cord, 1, $turns), Tension::Even);
        $book = new KnotBook(
            Tension::Even,
            ['barrel' => new Sample(Length::ofMillimetres(5), Length::ofMillimetres(31))],
        );

        self::assertEqualsWithDelta(31, $book->in(new Barrel(), $cord)->use->millimetres, 1e-9);
        self::assertEqualsWithDelta(
            31 * $model(5)->use->ratioTo($model(3)->use),
            $book->in(new Barrel(), $cord, 1, 5)->use->millimetres,
            1e-9,
        );
        self::assertGreaterThan(5, $book->in(new Barrel(), $cord, 1, 4)->pitch->millimetres);
        self::assertLessThan(5, $book->in(new Barrel(), $cord, 1, 2)->pitch->millimetres);
    }

    public function testTheStopIsDrawnAsLongAsItWasCounted(): void
    {
        foreach (['2.4 mm', '7 mm'] as $pitch) {
            $plan = Examples::plan(['samples.overhand' => ['pitch' => $pitch, 'use' => '20 mm']]);
            $ends = $plan->draft->construction->ends($plan->draft->piece);
            $counted = $plan->draft->piece->knots()->in(new Overhand(), $ends->cord, $ends->count)->pitch->millimetres;
            self::assertEqualsWithDelta((float) $pitch, $counted, 1e-9);
            $stops = array_filter(
                (new Layout($plan))->flat()->placed,
                static fn (Placed $placed): bool => str_starts_with($placed->motif->name, 'stop'),
            );
            self::assertNotSame([], $stops);
            foreach ($stops as $stop) {
                self::assertEqualsWithDelta($counted, $stop->motif->length * $stop->pose->scale, 1e-9);
            }
        }
    }

    private static function cord(Plan $plan): float
    {
        return array_sum(array_map(static fn (Cut $cut): float => $cut->total()->millimetres, $plan->cuts));
    }
}
