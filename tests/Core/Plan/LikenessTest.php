<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Examples;

/**
 * How plans of like pieces must be alike, whatever the model of a knot: geometry has no size of its own, and no maker
 * needs less cord for a wider wrist. A millimetre that crept into a model as a bare number shows here.
 */
final class LikenessTest extends TestCase
{
    /**
     * A piece for a giant, everything of it scaled, is the same piece scaled: the same knots and beads, each $scale
     * times as long, taking $scale times the cord. (Bare cord is left out: it also takes up closures, whose tails are
     * held by hands of one size.).
     */
    #[DataProvider('provideScales')]
    public function testAPieceForAGiantIsTheSamePieceScaled(string $construction, float $scale): void
    {
        $planner = new Planner();
        $piece = $planner->completed(self::pieceOf($construction, 160))->decided();
        $scaled = (new PieceReader())->read(self::scaled((new PieceWriter())->write($piece), $scale));
        $usual = $planner->draft($piece)->setting;
        $giant = $planner->draft($scaled)->setting;

        self::assertSame($usual->counts, $giant->counts);
        self::assertSame(
            array_map(static fn (Element $element): string => $element->word(), $usual->elements),
            array_map(static fn (Element $element): string => $element->word(), $giant->elements),
        );
        foreach ($usual->elements as $i => $element) {
            if (!self::isBare($element)) {
                $other = $giant->elements[$i];
                self::assertScaled($element->extent->length, $other->extent->length, $scale);
                self::assertScaled($element->extent->width, $other->extent->width, $scale);
                foreach ($element->takes as $role => $take) {
                    self::assertScaled($take->straight, $other->takes[$role]->straight, $scale);
                    self::assertScaled($take->knots, $other->takes[$role]->knots, $scale);
                }
            }
        }
    }

    /**
     * @return iterable<string, array{string, float}>
     */
    public static function provideScales(): iterable
    {
        foreach (Constructions::all()->ids() as $construction) {
            yield $construction.' larger' => [$construction, 1.25];
            yield $construction.' four fifths' => [$construction, 0.8];
        }
    }

    /**
     * Along a row of wrists, one size after the other: neither the counts nor the body nor all cord together ever grow
     * less.
     */
    #[DataProvider('provideConstructions')]
    public function testAWiderWristNeverTakesLess(string $construction): void
    {
        $planner = new Planner();
        $before = null;
        for ($wrist = 130; $wrist <= 220; $wrist += 10) {
            $plan = $planner->plan(self::pieceOf($construction, $wrist));
            $counts = array_sum($plan->draft->setting->counts);
            $body = $plan->draft->body()->millimetres;
            $cord = array_sum(
                array_map(static fn (Cut $cut): float => $cut->count * $cut->total()->millimetres, $plan->cuts),
            );
            if (null !== $before) {
                self::assertGreaterThanOrEqual($before[0], $counts, 'counts at '.$wrist);
                self::assertGreaterThan($before[1] - 1e-9, $body, 'body at '.$wrist);
                self::assertGreaterThan($before[2] - 1e-9, $cord, 'cord at '.$wrist);
            }
            $before = [$counts, $body, $cord];
        }
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function provideConstructions(): iterable
    {
        foreach (Constructions::all()->ids() as $construction) {
            yield $construction => [$construction];
        }
    }

    private static function pieceOf(string $construction, int $wrist): PieceSpec
    {
        return (new PieceReader())->read(Examples::bare($construction, [
            'wearer' => ['girth' => $wrist.' mm', 'hand' => round(1.24 * $wrist, 1).' mm'],
            'ease' => '15 mm',
            // What wears well is judged in millimetres: a piece that does not slide is set to a length instead.
            ...(\in_array($construction, ['bundled-wrap', 'wave-band'], true) ? ['length' => 1.15 * $wrist.' mm'] : []),
        ]));
    }

    /**
     * Returns a document with every length in it, also those of the pattern, $scale times as long.
     *
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private static function scaled(array $document, float $scale): array
    {
        return array_map(static fn (mixed $value): mixed => match (true) {
            \is_array($value) => self::scaled($value, $scale),
            \is_string($value) => preg_replace_callback(
                '/(\d+(?:\.\d+)?) (mm|cm)\b/',
                static fn (array $found): string => (float) $found[1] * $scale.' '.$found[2],
                $value,
            ),
            default => $value,
        }, self::measuredOut($document));
    }

    /**
     * Returns a bead that says its size by a number with its sizes instead: only these can be scaled.
     *
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private static function measuredOut(array $document): array
    {
        $seed = \is_string($document['size'] ?? null) ? Bead::seed($document['size']) : null;
        if (null === $seed) {
            return $document;
        }
        unset($document['size']);

        return $document + [
            'diameter' => (string) $seed[0],
            'length' => (string) $seed[1],
            'hole' => (string) $seed[2],
        ];
    }

    private static function isBare(Element $element): bool
    {
        return $element->extent->stretches || ElementKind::Bare === $element->kind
            || ElementKind::Braid === $element->kind;
    }

    private static function assertScaled(Length $usual, Length $giant, float $scale): void
    {
        self::assertEqualsWithDelta(
            $scale * $usual->millimetres,
            $giant->millimetres,
            1e-6 + 1e-6 * $giant->millimetres,
        );
    }
}
