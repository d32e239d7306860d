<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Svg;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Svg\BeadPicture;
use Rinkel\Tests\Core\Examples;

final class BeadPictureTest extends TestCase
{
    #[DataProvider('shapes')]
    public function testItIsAsLargeAsTheBead(BeadShape $shape): void
    {
        $bead = Bead::of($shape, Colour::parse('#336699'), Length::ofMillimetres(8));
        $svg = BeadPicture::definition('one', 'light', $bead);

        self::assertNotFalse(simplexml_load_string($svg));
        self::assertStringContainsString('fill="#336699"', $svg);
        self::assertSame(2, substr_count($svg, 'class="bead-hole"'), 'on either side');
        self::assertStringNotContainsString('%', $svg, 'every place in it is filled');
    }

    /**
     * @return iterable<string, array{BeadShape}>
     */
    public static function shapes(): iterable
    {
        foreach (BeadShape::cases() as $shape) {
            yield $shape->value => [$shape];
        }
    }

    public function testFromAfarManyAreOneOutline(): void
    {
        $beads = (new Layout(Examples::planOf('strung-beads')))->flat()->beads;
        self::assertNotSame([], $beads);
        $svg = BeadPicture::afar($beads);

        self::assertStringContainsString('data-beads="'.\count($beads).'"', $svg);
        self::assertSame(2, substr_count($svg, '<path'));
        self::assertSame(2 * \count($beads), substr_count($svg, 'M'), 'outline and glint of each');
    }
}
