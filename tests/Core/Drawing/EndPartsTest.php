<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Tails;
use Rinkel\Core\Drawing\EndParts;
use Rinkel\Core\Drawing\Internal\Body;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Tests\Core\Examples;

final class EndPartsTest extends TestCase
{
    public function testNothingNamedIsDrawnWithItsOtherHalf(): void
    {
        $draft = Examples::plan(
            ['closure.kind' => 'clasp', 'findings.hook' => ['kind' => 'clasp'], 'closure.findings' => ['hook']],
        )->draft;
        $parts = new EndParts($draft, Body::of($draft)->ends());

        self::assertCount(1, $parts->left());
        self::assertSame([], $parts->right());
        self::assertSame(FindingKind::Ring, $parts->otherHalf()[0]->kind);
        self::assertCount(1, $parts->of(FindingKind::Clasp));
        self::assertFalse($parts->isTipped());
    }

    public function testWhatStaysOfATailIsWhatItsMakerLeaves(): void
    {
        $stays = static function (string $key, string $value): float {
            $draft = Examples::plan([$key => $value])->draft;

            return (new EndParts($draft, Body::of($draft)->ends()))->stays();
        };

        self::assertSame(10.0, $stays('closure.kind', 'square-slider'));
        self::assertSame(25.0, $stays('habits.tailEnd', '25 mm'));
        self::assertSame(Tails::frayed()->millimetres, $stays('closure.tails', 'frayed'));
    }
}
