<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Node;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node\Braid;

final class BraidTest extends TestCase
{
    public function testItHasALengthOrTakesWhatIsLeft(): void
    {
        self::assertSame('braid fit', (string) new Braid(null));
        self::assertSame('braid 100 mm', (string) new Braid(Length::ofCentimetres(10)));
        self::assertSame('braid 10 cm', (new Braid(Length::ofCentimetres(10)))->said(Unit::Centimetre));
    }
}
