<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Geometry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Geometry\EllipseArcs;
use Rinkel\Core\Geometry\TautRing;

final class TautRingTest extends TestCase
{
    /**
     * Reference cases made by another program: perimeters of convex hulls, exact to 0.05 mm.
     *
     * @param list<array{at: float, length: float, thickness: float, rigid: bool}> $parts
     */
    #[DataProvider('provideReference')]
    public function testIsTheReferencesHull(float $inside, float $ratio, float $thin, array $parts, float $axis): void
    {
        $ring = new TautRing($inside, EllipseArcs::of($ratio), $thin);
        foreach ($parts as $part) {
            if ($part['rigid']) {
                $ring->lay($part['at'], $part['length'], $part['thickness']);
            } else {
                $half = $part['length'] / ($inside + \M_PI * $part['thickness']) / 2;
                $ring->bend($part['at'] - $half, $part['at'] + $half, $part['thickness']);
            }
        }

        self::assertEqualsWithDelta($axis, $ring->length(), 0.5);
    }

    /**
     * @return iterable<string, array{float, float, float, list<array{at: float, length: float, thickness: float, rigid: bool}>, float}>
     */
    public static function provideReference(): iterable
    {
        $file = (string) file_get_contents(\dirname(__DIR__, 2).'/reference/ring.json');
        /** @var array{cases: list<array{note: string, inside: float, ratio: float, thin: float, parts: list<array{at: float, length: float, thickness: float, rigid: bool}>, axis: float}>} $reference */
        $reference = json_decode($file, true, 16, \JSON_THROW_ON_ERROR);
        self::assertCount(58, $reference['cases']);
        foreach ($reference['cases'] as $i => $case) {
            yield $i.' '.$case['note'] => [
                $case['inside'], $case['ratio'], $case['thin'], $case['parts'], $case['axis'],
            ];
        }
    }

    /**
     * The closed form of one rigid part alone on a circle: with r0 = F/2π + t0/2, r1 = F/2π + t/2 and d = hypot(l/2, r1)
     * it adds l − 2 r0 atan(l / 2 r1) + 2 (√(d² − r0²) − r0 acos(r0/d)).
     */
    #[DataProvider('provideLone')]
    public function testALonePartAddsWhatTheClosedFormSays(float $inside, float $thin, float $size): void
    {
        $ring = new TautRing($inside, EllipseArcs::of(1.0), $thin);
        $ring->lay(0.25, $size, $size);
        [$r0, $r1] = [$inside / 2 / \M_PI + $thin / 2, $inside / 2 / \M_PI + $size / 2];
        $d = hypot($size / 2, $r1);
        $adds = $size - 2 * $r0 * atan($size / 2 / $r1) + 2 * (sqrt($d ** 2 - $r0 ** 2) - $r0 * acos($r0 / $d));

        self::assertEqualsWithDelta($inside + \M_PI * $thin + $adds, $ring->length(), 0.02);
    }

    /**
     * @return iterable<string, array{float, float, float}>
     */
    public static function provideLone(): iterable
    {
        yield 'a seed bead' => [160.0, 1.0, 2.2];
        yield 'a bead' => [165.0, 1.0, 12.0];
        yield 'in a band' => [165.0, 3.0, 12.0];
        yield 'around an ankle' => [240.0, 1.5, 20.0];
        yield 'around a neck' => [380.0, 0.8, 18.0];
    }

    public function testWhatBendsAllRoundIsAThickerRing(): void
    {
        $ring = new TautRing(170.0, EllipseArcs::of(1.3), 1.0);
        $ring->bend(0.75, 1.75, 7.0);

        self::assertEqualsWithDelta(170 + 7 * \M_PI, $ring->length(), 0.02);
    }

    public function testWhatLiesBelowATautLineLiftsNothing(): void
    {
        $ring = new TautRing(170.0, EllipseArcs::of(1.0), 1.0);
        $ring->lay(0.25, 20.0, 20.0);
        $lone = $ring->length();
        $ring->lay(0.25, 6.0, 6.0);

        self::assertEqualsWithDelta($lone, $ring->length(), 1e-9);
    }
}
