<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Hand;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Hand\Observation;
use Rinkel\Core\Hand\Posterior;
use Rinkel\Core\Hand\Priors;
use Rinkel\Core\Knot\Tension;

final class PosteriorTest extends TestCase
{
    /**
     * Means and spreads of the same model worked out elsewhere, by dense linear algebra (tests/reference/learn.json).
     *
     * @param array<mixed> $case
     */
    #[DataProvider('provideCases')]
    public function testItIsWhatDenseLinearAlgebraSays(array $case): void
    {
        $ask = self::row($case['ask'] ?? null);
        $found = self::posterior($case)->expect(self::text($ask, 'family'), self::text($ask, 'cord'));
        foreach ([
            'log_pitch' => [$found->pitch, $found->pitchSpread], 'log_use' => [$found->use, $found->useSpread],
            'log_use_per_length' => [$found->perLength, $found->perLengthSpread],
        ] as $what => [$mean, $spread]) {
            $said = self::row($case[$what] ?? null);
            self::assertEqualsWithDelta($said['mean'] ?? null, $mean, 1e-4, $what);
            self::assertEqualsWithDelta($said['sd'] ?? null, $spread, 1e-4, $what);
        }
    }

    /**
     * Makers drawn from the model itself: what is promised for 95 % holds in 93 to 97 %.
     */
    public function testItPromisesAsMuchAsItKeeps(): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(20));
        $share = static fn (): float => $chance->getInt(1, 1 << 40) / (1 << 40);
        // A normal variable from two even ones (G. Box and M. Muller, 1958).
        $normal = static fn (float $spread): float => $spread * sqrt(-2 * log($share())) * cos(2 * \M_PI * $share());
        $kept = ['pitch' => 0, 'use' => 0, 'perLength' => 0];
        $makers = 2000;
        for ($maker = 0; $maker < $makers; ++$maker) {
            $push = $normal(Priors::push(null)[1]);
            $own = [];
            $part = static function (string $name, float $spread) use (&$own, $normal): float {
                return $own[$name] ??= $normal($spread);
            };
            $made = static fn (string $kind, string $cord): array => [
                -$push + $part('p'.$kind, Priors::KIND) + $part(
                    'pc'.$cord,
                    Priors::CORD_PITCH,
                ) + $normal(Priors::PIECE),
                Priors::USE_OF_PUSH * $push + $part('u'.$kind, Priors::KIND) + $part('uc'.$cord, Priors::CORD_USE)
                    + $normal(Priors::PIECE),
            ];
            $observations = [];
            foreach ([['square', 'waxed'], ['half', 'waxed'], ['square', 'hemp']] as $i => [$kind, $cord]) {
                [$pitch, $use] = $made($kind, $cord);
                $observations[] = new Observation(
                    (string) $i,
                    $kind,
                    $cord,
                    $pitch + $normal(0.015),
                    0.015,
                    $use + $normal(0.01),
                    0.01,
                );
            }
            $said = (new Posterior($observations, null))->expect('square', 'waxed');
            [$pitch, $use] = $made('square', 'waxed');
            $kept['pitch'] += abs($pitch - $said->pitch) < 1.96 * $said->pitchSpread ? 1 : 0;
            $kept['use'] += abs($use - $said->use) < 1.96 * $said->useSpread ? 1 : 0;
            $kept['perLength'] += abs($use - $pitch - $said->perLength) < 1.96 * $said->perLengthSpread ? 1 : 0;
        }
        foreach ($kept as $what => $times) {
            self::assertGreaterThan(0.93, $times / $makers, $what);
            self::assertLessThan(0.97, $times / $makers, $what);
        }
    }

    public function testOneSampleMovesItsOwnKnotMostItsFamilyLessOthersLittle(): void
    {
        $known = new Posterior([new Observation('a', 'square', 'waxed', -0.1, 0.012, 0.02, 0.01)], null);
        $moved = array_map(
            static fn (array $ask): float => abs($known->expect(...$ask)->pitch),
            [['square', 'waxed'], ['half', 'waxed'], ['square', 'hemp'], ['half', 'hemp'], ['braid', 'hemp', false]],
        );
        self::assertGreaterThan($moved[1], $moved[0]);
        self::assertGreaterThan($moved[2], $moved[0]);
        self::assertGreaterThan($moved[3], $moved[1]);
        self::assertGreaterThan(0.02, $moved[3], 'who pushes hard there pushes hard elsewhere');
        self::assertSame(0.0, $moved[4], 'what is not pushed tells nothing of that');
        self::assertLessThan(0.1, $moved[0], 'few samples are held back');
        self::assertLessThan(0.05, $known->expect('square', 'waxed')->perLengthSpread);
        $more = new Posterior(array_map(
            static fn (int $i): Observation => new Observation('p'.$i, 'square', 'waxed', -0.1, 0.012, 0.02, 0.01),
            range(1, 12),
        ), null);
        self::assertEqualsWithDelta(-0.1, $more->expect('square', 'waxed')->pitch, 0.005, 'many are believed');
    }

    public function testSumsAreOfOnePiece(): void
    {
        $known = new Posterior([new Observation('a', 'square', 'waxed', -0.1, 0.012, 0.02, 0.01)], Tension::Even);
        $expected = $known->expect('square', 'waxed');
        [[$pitch, $both], [, $use]] = $known->together([
            ['pitch', 'square', 'waxed', true],
            ['use', 'square', 'waxed', true],
        ]);
        self::assertEqualsWithDelta(
            $expected->perLengthSpread ** 2 - 2 * Priors::PIECE ** 2,
            $pitch + $use - 2 * $both,
            1e-12,
        );
        [[$one, $same], [, $other]] = $known->together(
            [['use', 'lark', 'linen', true], ['use', 'lark', 'linen', true]],
        );
        self::assertEqualsWithDelta(
            [$one, $one],
            [$same, $other],
            1e-12,
            'what was never observed is one unknown, too',
        );
    }

    /**
     * @return iterable<string, array{array<mixed>}>
     */
    public static function provideCases(): iterable
    {
        $read = json_decode(
            (string) file_get_contents(\dirname(__DIR__, 2).'/reference/learn.json'),
            true,
            16,
            \JSON_THROW_ON_ERROR,
        );
        foreach (self::row(self::row($read)['cases'] ?? null) as $i => $case) {
            yield 'case '.$i => [self::row($case)];
        }
    }

    /**
     * @param array<mixed> $case
     */
    private static function posterior(array $case): Posterior
    {
        return new Posterior(array_values(array_map(static function (mixed $row): Observation {
            $row = self::row($row);

            return new Observation(
                self::text($row, 'piece'),
                self::text($row, 'family'),
                self::text($row, 'cord'),
                self::number($row['log_pitch'] ?? null),
                self::number($row['log_pitch_error'] ?? null) ?? 1.0,
                self::number($row['log_use'] ?? null),
                self::number($row['log_use_error'] ?? null) ?? 1.0,
            );
        }, self::row($case['observations'] ?? null))), Tension::tryFrom(self::text($case, 'hand')));
    }

    /**
     * @return array<mixed>
     */
    private static function row(mixed $value): array
    {
        self::assertIsArray($value);

        return $value;
    }

    /**
     * @param array<mixed> $row
     */
    private static function text(array $row, string $key): string
    {
        $value = $row[$key] ?? '';

        return \is_string($value) ? $value : '';
    }

    private static function number(mixed $value): ?float
    {
        return \is_int($value) || \is_float($value) ? (float) $value : null;
    }
}
