<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Hand;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Hand\OwnSample;
use Rinkel\Core\Hand\Work\Waves;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\SampleReader;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Examples;

/**
 * Samples of more than knots: sections with beads, waves, lacing, braids, and cords that were pulled.
 */
final class WorkTest extends TestCase
{
    /**
     * Beads between the knots are taken off both measures: the hand is told the same by a section with them.
     */
    public function testBeadsBetweenKnotsTellNothing(): void
    {
        $plain = self::read(['length' => '53 mm', 'before' => '80 cm', 'after' => '46 cm', 'count' => 20]);
        $section = self::read(
            ['length' => '71 mm', 'before' => '80 cm', 'after' => '442 mm', 'count' => 20, 'beads' => '18 mm'],
        );
        self::assertEquals($plain->observation('a'), $section->observation('a'));
    }

    /**
     * Waves as long as the model's, which take what the model's take, say that the hand is even; longer ones say longer
     * lark's heads. The rounds of a wave are what they are.
     */
    public function testAWaveTellsOfItsLarksHeads(): void
    {
        $wave = self::read(['knot' => 'wave', 'count' => 2, 'length' => '5 cm'])->work;
        self::assertInstanceOf(Waves::class, $wave);
        $head = Length::ofMillimetres(3.4);
        $along = $wave->arm->along($head);
        self::assertEqualsWithDelta(3.4, $wave->arm->headOf($along)->millimetres, 1e-6, 'and back again');

        $model = $wave->reading(2, null, null)->modelLength->times(1 / 2 / $wave->arm->heads());
        $even = new OwnSample($wave, 2, $wave->arm->along($model)->times(2), null, null);
        self::assertEqualsWithDelta(0.0, $even->observation('a')->pitch ?? 1.0, 1e-6);
        self::assertSame('vertical lark', $even->observation('a')?->kind);
        $long = new OwnSample($wave, 2, $wave->arm->along($model->times(1.1))->times(2), null, null);
        self::assertEqualsWithDelta(log(1.1), $long->observation('a')->pitch ?? 0.0, 1e-6);

        $used = $wave->reading(2, null, null)->modelUsed->times(1.05)->plus($wave->arm->outside()->times(2));
        $more = new OwnSample($wave, 2, null, $used->plus($head), $head);
        self::assertEqualsWithDelta(log(1.05), $more->observation('a')->use ?? 0.0, 1e-6);
    }

    /**
     * A braid of 30 cm that took 45 cm of a strand is 15 % more than the 1.3 of the model; so plan its braids.
     */
    public function testABraidTakesWhatItsMakersBraidTook(): void
    {
        $sample = [
            'knot' => 'braid', 'cord.fibre' => 'cotton', 'length' => '30 cm', 'before' => '1 m',
            'after' => '55 cm',
        ];
        self::assertEqualsWithDelta(log(1.5 / 1.3), self::read($sample)->observation('a')->use ?? 0.0, 1e-9);
        self::assertNull(self::read($sample)->observation('a')?->pitch, 'it is as long as she wished');

        $pouch = Examples::bare('netted-pouch', ['cords.mesh.fibre' => 'cotton', 'cords.mesh.thickness' => '1 mm']);
        $straight = static fn (Plan $plan): float => $plan->cuts[0]->part('straight')->millimetres;
        self::assertGreaterThan(
            1.05 * $straight(self::planned($pouch)),
            $straight(self::planned($pouch, $sample + ['cord.thickness' => '1 mm'])),
        );
    }

    /**
     * Twelve links of a chain that took 18 cm: the plan's chains take as much more or less of the cord.
     */
    public function testLacingTakesWhatItsMakersLacingTook(): void
    {
        $sample = [
            'knot' => 'link', 'count' => 12, 'cord.fibre' => 'suede', 'cord.thickness' => '1.5 mm',
            'link' => [
                'length' => '9 mm', 'inside' => '5 mm', 'width' => '8 mm',
            ], 'before' => '60 cm', 'after' => '39 cm',
        ];
        $chain = Examples::bare(
            'laced-chain',
            ['cords.cord.fibre' => 'suede', 'cords.cord.thickness' => '1.5 mm'],
        );
        $told = self::read($sample)->observation('a')->use ?? 0.0;
        self::assertGreaterThan(0.05, $told, 'more than the geometry has');
        $knots = static fn (Plan $plan): float => $plan->cuts[0]->part('knots')->millimetres;
        $more = log($knots(self::planned($chain, $sample)) / $knots(self::planned($chain)));
        self::assertGreaterThan(0.5 * $told, $more, 'one sample is believed for the most part');
        self::assertLessThan($told, $more, 'and held back a little');
    }

    /**
     * A rope that gives 6 % goes over a hand that one of 1 % does not pass; what was tested of the very cord counts
     * more.
     */
    public function testWhatWasPulledGoesOverTheHand(): void
    {
        $rope = Examples::bare('rope-knot', [
            'wearer' => ['girth' => '17 cm', 'measured' => 'snug', 'hand' => '18.7 cm'], 'closure.kind' => 'butted',
            'cords.rope.fibre' => 'polyester', 'cords.rope.thickness' => '6 mm',
        ]);
        $sample = ['knot' => 'stretch', 'cord.thickness' => '6 mm', 'before' => '20 cm', 'after' => '21.6 cm'];
        self::assertNull(self::read($sample)->observation('a'), 'it tells nothing of a hand');
        self::assertContains('cannot-pass', self::codes(self::planned($rope)));
        self::assertNotContains('cannot-pass', self::codes(self::planned($rope, $sample)));
        self::assertContains(
            'cannot-pass',
            self::codes(self::planned(Examples::document(['cords.rope.stretch' => '1 %'], $rope), $sample)),
        );
        self::assertContains(
            'cannot-pass',
            self::codes(self::planned($rope, ['cord.thickness' => '3 mm'] + $sample)),
            'another rope',
        );
    }

    /**
     * @param array<string, mixed> $sample
     */
    #[DataProvider('provideImpossible')]
    public function testWhatCannotBeIsRefused(array $sample, string $path, string $key): void
    {
        try {
            self::read($sample);
            self::fail('It was taken.');
        } catch (PieceUnreadable $unreadable) {
            self::assertSame(
                [$path.' '.$key],
                array_map(static fn (Fault $fault): string => $fault->path.' '.$fault->said->key, $unreadable->faults),
            );
        }
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string, string}>
     */
    public static function provideImpossible(): iterable
    {
        $ends = ['before' => '60 cm', 'after' => '50 cm'];
        yield 'beads longer than all' => [['length' => '3 cm', 'beads' => '31 mm'], 'length', 'sample-beads-longer'];
        yield 'a braid of no length' => [['knot' => 'braid'] + $ends, 'length', 'sample-length-wanted'];
        yield 'a braid longer than its strand' => [
            ['knot' => 'braid', 'length' => '12 cm'] + $ends, 'after', 'sample-impossible',
        ];
        yield 'a braid without an end' => [['knot' => 'braid', 'length' => '12 cm'], 'before', 'sample-before-wanted'];
        yield 'lacing shorter than its chain' => [
            ['knot' => 'link', 'count' => 20, 'link' => ['length' => '12 mm']] + $ends, 'after', 'sample-impossible',
        ];
        yield 'waves that take less than their beads' => [
            ['knot' => 'wave', 'count' => 5, 'before' => '60 cm', 'after' => '55 cm'], 'after', 'sample-impossible',
        ];
        yield 'shorter when pulled' => [['knot' => 'stretch'] + $ends, 'after', 'sample-pulled'];
        yield 'more than twice as long' => [
            ['knot' => 'stretch', 'before' => '10 cm', 'after' => '21 cm'], 'after', 'sample-pulled',
        ];
        yield 'no such work' => [['knot' => 'crochet', 'length' => '3 cm'], 'knot', 'one-of'];
        yield 'a braid of two' => [
            ['knot' => 'braid', 'length' => '5 cm', 'braid' => ['cords' => 2]] + $ends, 'braid.cords', 'number-wanted',
        ];
    }

    /**
     * @param array<string, mixed> $sample by dotted path
     */
    private static function read(array $sample): OwnSample
    {
        return (new SampleReader())->read(
            Examples::document($sample, ['round' => ['diameter' => '3 mm'], 'seed' => ['size' => '11/0']]),
        );
    }

    /**
     * @param array<mixed>         $document
     * @param array<string, mixed> $sample
     */
    private static function planned(array $document, array $sample = []): Plan
    {
        $hand = [] === $sample ? new Hand() : Hand::from(['a' => self::read($sample)]);

        return (new Planner(hand: static fn (): Hand => $hand))->plan((new PieceReader())->read($document));
    }

    /**
     * @return list<string>
     */
    private static function codes(Plan $plan): array
    {
        return array_map(static fn ($check): string => $check->code, $plan->checks);
    }
}
