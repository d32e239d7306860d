<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Internal\Body;
use Rinkel\Core\Drawing\Internal\Cores;
use Rinkel\Core\Drawing\Internal\RowsPicture;
use Rinkel\Core\Line\Element;
use Rinkel\Tests\Core\Examples;

final class ApartPictureTest extends TestCase
{
    public function testWhatLiesApartIsDrawnByItsKind(): void
    {
        $draft = Examples::planOf('multi-row')->draft;
        $cores = new Cores($draft, Body::of($draft)->ends());
        $pictures = array_map(
            static fn (Element $element): ?string => null === $cores->apart($element)
                ? null
                : $cores->apart($element)::class,
            $draft->setting->elements,
        );

        self::assertContains(RowsPicture::class, $pictures);
        self::assertNull($pictures[0], 'a square knot lies on the axis');
    }
}
