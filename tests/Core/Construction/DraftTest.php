<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Tests\Core\Examples;

/**
 * A piece worked out but for its acts.
 */
final class DraftTest extends TestCase
{
    public function testItComesToTheLengthThatIsWished(): void
    {
        $draft = Examples::plan(['closure.kind' => 'button-loop'])->draft;

        self::assertEqualsWithDelta(
            $draft->wished()->millimetres,
            $draft->closed()->millimetres,
            3.0,
            'but for a knot',
        );
        self::assertTrue(Examples::plan()->draft->open()->isLongerThan(Examples::plan()->draft->closed()));
        self::assertFalse($draft->isHalved());
        self::assertSame([$draft->setting], array_values($draft->settings()));
    }

    public function testLettersAreCountedOneByOne(): void
    {
        $draft = Examples::planOf('stretch', [
            'beads.letter' => ['shape' => 'cube', 'diameter' => '6 mm', 'hole' => '1.5 mm'],
            'pattern' => 'word "MIRA" of letter, word "MI" of letter, 1 bead letter x fit',
        ])->draft;

        self::assertEquals(['M' => 2, 'I' => 2, 'R' => 1, 'A' => 1], array_intersect_key(
            $draft->letters()['letter'] ?? [],
            array_flip(['M', 'I', 'R', 'A']),
        ));
    }
}
