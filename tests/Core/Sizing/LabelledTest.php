<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Sizing\Labelled;
use Rinkel\Core\Sizing\Lengths;
use Rinkel\Core\Sizing\Size;
use Rinkel\Tests\Core\Examples;

final class LabelledTest extends TestCase
{
    public function testEachSizeIsCalledByItsLabel(): void
    {
        $axis = new Labelled(
            new Lengths([Length::ofCentimetres(18)]),
            static fn (Size $size): string => 'for a strong arm',
        );

        self::assertSame('Plain band, for a strong arm', $axis->sizes(Examples::piece())[0]->wish->name);
        $long = new Labelled(
            new Lengths([Length::ofCentimetres(18)]),
            static fn (Size $size): string => str_repeat('x', 99),
        );
        self::assertSame(80, mb_strlen($long->sizes(Examples::piece())[0]->wish->name));
    }
}
