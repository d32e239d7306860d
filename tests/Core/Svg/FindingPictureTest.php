<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Svg;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Svg\FindingPicture;

final class FindingPictureTest extends TestCase
{
    #[DataProvider('kinds')]
    public function testEachKindIsDrawn(FindingKind $kind): void
    {
        $svg = '<svg>'.FindingPicture::of(Finding::usual($kind)).'</svg>';
        $read = simplexml_load_string($svg);

        self::assertInstanceOf(\SimpleXMLElement::class, $read);
        self::assertGreaterThan(0, $read->count());
        self::assertStringNotContainsString('NAN', strtoupper($svg));
    }

    /**
     * @return iterable<string, array{FindingKind}>
     */
    public static function kinds(): iterable
    {
        foreach (FindingKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }
}
