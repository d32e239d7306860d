<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Pictures;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Toy\TripleOverhand;
use Symfony\Component\Yaml\Yaml;

/**
 * Every knot is whole: found by its word, drawn, named; and one that is added from outside needs nothing else.
 */
final class KnownKnotsTest extends TestCase
{
    public function testEveryKnotIsFoundDrawnMirroredAndNamed(): void
    {
        $words = Yaml::parseFile(\dirname(__DIR__, 3).'/translations/messages+intl-icu.en.yaml');
        self::assertIsArray($words);
        self::assertIsArray($words['knot']);
        foreach (KnownKnots::all()->knots() as $knot) {
            self::assertEquals($knot, KnownKnots::all()->named($knot->word()));
            self::assertTrue(Pictures::all()->has($knot), $knot->word());
            self::assertSame($knot->word(), $knot->mirrored()->mirrored()->word());
            self::assertSame(-$knot->twist(), $knot->mirrored()->twist());
            self::assertArrayHasKey(str_replace(' ', '-', $knot->word()), $words['knot']);
            self::assertMatchesRegularExpression('/^[a-z]+( [a-z]+)?$/D', $knot->word());
            self::assertFalse(Pattern::isName(explode(' ', $knot->word())[0]), 'no bead can be called so');
        }
        self::assertNull(KnownKnots::all()->named('granny'));
    }

    public function testAKnotFromOutsideIsReadPlannedTakenAndDrawn(): void
    {
        $toy = new TripleOverhand();
        $document = Examples::bare(
            'spaced-knots',
            ['pattern' => '(2 triple overhand, gap fit) x 5, 1 barrel 3', 'samples' => []],
        );
        $plan = (new Planner())->plan((new PieceReader(KnownKnots::all()->and($toy)))->read($document));

        self::assertCount(
            10,
            array_filter($plan->draft->setting->elements, static fn ($one): bool => $one->knot === $toy),
        );
        self::assertStringContainsString('2 triple overhand', (string) $plan->draft->piece->pattern->tree);
        self::assertEqualsWithDelta(6 * 1.5, $plan->draft->setting->elements[0]->extent->length->millimetres, 1e-9);
        $drawn = (new Layout($plan, Pictures::all()->and($toy, $toy)))->flat();
        self::assertCount(
            10,
            array_filter($drawn->placed, static fn (Placed $placed): bool => 'triple' === $placed->motif->name),
        );

        $more = (new Planner())->plan(
            (new PieceReader(KnownKnots::all()->and($toy)))->read(
                Examples::bare('spaced-knots', ['pattern' => '(2 triple overhand, gap fit) x 6, 1 barrel 3']),
            ),
        );
        self::assertGreaterThan($plan->cuts[0]->length->millimetres - 1, $more->cuts[0]->length->millimetres);
    }

    public function testAKnotWithoutAPictureIsNotDrawnAsAnother(): void
    {
        $plan = (new Planner())->plan(
            (new PieceReader(KnownKnots::all()->and(new TripleOverhand())))->read(
                Examples::bare('spaced-knots', ['pattern' => '1 triple overhand, gap fit']),
            ),
        );

        $this->expectExceptionMessage('Nobody draws a triple overhand.');
        (new Layout($plan))->flat();
    }

    public function testAConstructionThatDoesNotTieItSaysSo(): void
    {
        $this->expectExceptionMessage('knot-not-tied (knot: triple overhand)');
        (new Planner())->plan(
            (new PieceReader(KnownKnots::all()->and(new TripleOverhand())))->read(
                Examples::bare('square-knot-band', ['pattern' => '1 triple overhand']),
            ),
        );
    }
}
