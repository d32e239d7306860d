<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Work\ActKind;
use Rinkel\Tests\Core\Examples;

final class LayeredStrandsTest extends TestCase
{
    private const STRAND = 'gap fit, 1 overhand, 20 bead one, 1 overhand, gap fit';

    /**
     * A strand that hangs h lower is longer by more than h and by no more than 2 h: it goes down and comes up again,
     * and no way down is shorter than h nor any steeper than straight down.
     */
    #[DataProvider('provideDrops')]
    public function testAStrandIsLongerByBetweenOnceAndTwiceItsDrop(int $length, int $drop): void
    {
        $pattern = self::STRAND.', below '.$drop.' mm ('.self::STRAND.')';
        $plan = self::plan(['length' => $length.' mm', 'pattern' => $pattern]);
        $longer = $plan->draft->layers[0]->longer->millimetres;

        self::assertGreaterThan($drop, $longer);
        self::assertLessThanOrEqual(2.0 * $drop + 1e-6, $longer);
        self::assertEqualsWithDelta($drop, $plan->draft->layers[0]->hangs->millimetres, 0.01);
    }

    /**
     * @return iterable<string, array{int, int}>
     */
    public static function provideDrops(): iterable
    {
        foreach ([420, 480, 600, 800] as $length) {
            foreach ([10, 30, 80, 200] as $drop) {
                yield $length.' and '.$drop => [$length, $drop];
            }
        }
    }

    public function testDropsAddUpFromStrandToStrand(): void
    {
        $plan = self::plan(['pattern' => \sprintf('%1$s, below 2 cm (%1$s), below 3 cm (%1$s)', self::STRAND)]);
        $alone = self::plan(['pattern' => \sprintf('%1$s, below 5 cm (%1$s)', self::STRAND)]);

        self::assertSame(
            [20.0, 50.0],
            array_map(static fn ($layer): float => round($layer->hangs->millimetres, 2), $plan->draft->layers),
        );
        self::assertEqualsWithDelta(
            $alone->draft->layers[0]->longer->millimetres,
            $plan->draft->layers[1]->longer->millimetres,
            1.0,
            'but for the thicker knots of three',
        );
    }

    public function testEachStrandIsCutForItselfAndTheLowerTheLonger(): void
    {
        $plan = self::plan([
            'cords.moss' => ['thickness' => '0.8 mm', 'colour' => '#667744'],
            'pattern' => \sprintf('%1$s, below 2 cm in moss (%1$s), below 3 cm (%1$s)', self::STRAND),
        ]);
        $cuts = [];
        foreach ($plan->cuts as $cut) {
            $cuts[$cut->role] = $cut->length->millimetres;
            self::assertSame(1, $cut->count);
        }

        self::assertSame(['cord 1', 'moss', 'cord 3'], array_keys($cuts));
        self::assertLessThan($cuts['moss'], $cuts['cord 1']);
        self::assertLessThan($cuts['cord 3'], $cuts['moss']);
        self::assertSame(['one' => 60], $plan->beads);
    }

    public function testAllAreOneAtBothEndsAndComparedBetween(): void
    {
        $acts = self::plan(['pattern' => self::STRAND.', below 2 cm ('.self::STRAND.')'])->acts()->all;
        $at = static fn (string $key): int => array_search(
            $key,
            array_map(static fn ($act): string => $act->said->key, $acts),
            true,
        ) ?: -1;

        self::assertLessThan($at('layer-next'), $at('layers-begun'));
        self::assertLessThan($at('compare-layers'), $at('strand-done'));
        self::assertLessThan($at('layers-ended'), $at('compare-layers'));
        $joined = $acts[$at('layers-ended')] ?? self::fail('They are not joined.');
        self::assertCount(2, $joined->grip->by);
        self::assertCount(2, array_filter($acts, static fn ($act): bool => 'strand-done' === $act->said->key));
        self::assertSame(ActKind::Attach, $joined->does);
    }

    public function testStockGoesToTheUpperStrandsFirst(): void
    {
        $plan = self::plan([
            'beads.one' => ['diameter' => '5 mm', 'hole' => '1.2 mm', 'stock' => 90],
            'pattern' => '1 bead one x fit, below 3 cm (1 bead one x fit)',
        ]);
        $free = self::plan(['pattern' => '1 bead one x fit, below 3 cm (1 bead one x fit)']);
        $upper = $free->draft->setting->beads()['one'];

        self::assertSame($upper, $plan->draft->setting->beads()['one']);
        self::assertSame(90, $plan->beads['one']);
        self::assertGreaterThan(90, $free->beads['one']);
    }

    public function testAStrandHasFitsAndAMirrorOfItsOwn(): void
    {
        $plan = self::plan([
            'beads.two' => ['diameter' => '9 mm', 'hole' => '1.2 mm'],
            'pattern' => '1 bead one x fit, below 3 cm (1 bead one x fit, focal two, mirror)',
        ]);
        $lower = $plan->draft->layers[0]->setting;

        self::assertCount(2, $plan->draft->counts());
        self::assertSame(1, $lower->beads()['two']);
        self::assertSame(0, $lower->beads()['one'] % 2);
        self::assertSame('two', $lower->elements[intdiv(\count($lower->elements), 2)]->name);
    }

    #[DataProvider('provideRefused')]
    public function testWhatCannotBeIsSaid(string $construction, string $pattern, string $said): void
    {
        try {
            Examples::planOf($construction, [
                'wearer' => ['girth' => '36 cm', 'place' => 'neck'],
                'beads.one' => ['diameter' => '5 mm', 'hole' => '1.2 mm'], 'pattern' => $pattern,
            ]);
            self::fail($pattern);
        } catch (PieceUnreadable $unreadable) {
            self::assertStringContainsString($said, $unreadable->getMessage());
        }
    }

    /**
     * @return iterable<string, array{string, string, string}>
     */
    public static function provideRefused(): iterable
    {
        yield 'of one cord' => ['strung-beads', '9 bead one, below 3 cm (9 bead one)', 'part-not-there'];
        yield 'first' => ['layered-strands', 'below 3 cm (9 bead one)', 'only-below'];
        yield 'before the rest' => [
            'layered-strands', '3 bead one, below 3 cm (9 bead one), 3 bead one', 'behind-below',
        ];
        yield 'in brackets' => ['layered-strands', '(3 bead one, below 3 cm (9 bead one)) x 2', 'expected-no-below'];
        yield 'in another' => [
            'layered-strands', '3 bead one, below 3 cm (9 bead one, below 2 cm (1 bead one))', 'expected-no-below',
        ];
        yield 'on no cord' => ['layered-strands', '3 bead one, below 3 cm in sea (9 bead one)', 'name-unknown'];
        yield 'too many' => [
            'layered-strands', '3 bead one'.str_repeat(', below 1 cm (3 bead one)', 8), 'too-many-layers',
        ];
        yield 'by no length' => ['layered-strands', '3 bead one, below (9 bead one)', 'expected-length'];
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function plan(array $changes): Plan
    {
        return Examples::planOf('layered-strands', $changes + [
            'wearer' => ['girth' => '36 cm', 'place' => 'neck'], 'length' => '45 cm',
            'cords.cord' => ['thickness' => '0.8 mm'], 'beads.one' => ['diameter' => '5 mm', 'hole' => '1.2 mm'],
        ]);
    }
}
