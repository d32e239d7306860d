<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Way\Addable;
use Rinkel\Core\Measure\Length;
use Rinkel\Tests\Core\Examples;

final class AddableTest extends TestCase
{
    public function testOneKnotMoreIsSaidWithWhatItTakes(): void
    {
        $draft = Examples::plan()->draft;
        $more = Addable::of($draft, false);

        self::assertSame('knot', $more?->values['unit'] ?? null);
        self::assertSame(['working', 'each', 'no'], [
            $more?->values['role'] ?? null, $more?->values['end'] ?? null, $more?->values['sides'] ?? null,
        ]);
        $length = $more?->values['length'] ?? null;
        self::assertInstanceOf(Length::class, $length);
        self::assertEqualsWithDelta(
            $draft->body()->millimetres / $draft->setting->counts[0],
            $length->millimetres,
            1e-6,
        );
        self::assertSame('yes', Addable::of($draft, true)?->values['sides'] ?? null);
    }

    public function testARepeatOfSeveralThingsIsARepeat(): void
    {
        $draft = Examples::plan([
            'beads.dot' => ['shape' => 'round', 'diameter' => '6 mm', 'hole' => '3 mm'],
            'pattern' => '(2 square, 1 bead dot) x fit',
        ])->draft;

        self::assertSame('repeat', Addable::of($draft, false)?->values['unit'] ?? null);
        self::assertSame('link', Addable::of(Examples::planOf('laced-chain')->draft, false)?->values['unit'] ?? null);
    }

    public function testWhatIsNotRepeatedToALengthSaysNothing(): void
    {
        self::assertNull(Addable::of(Examples::plan(['pattern' => '40 square'])->draft, false));
        self::assertNull(Addable::of(Examples::planOf('spaced-knots')->draft, false), 'bare cord takes the rest up');
    }
}
