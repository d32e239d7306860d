<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Piece;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Piece\Block;
use Rinkel\App\Piece\Blocks;
use Rinkel\Tests\Core\Examples;

final class BlocksTest extends TestCase
{
    public function testEachPartIsABlockAtItsPlace(): void
    {
        $blocks = self::blocks(['pattern' => '2 square, (3 half left, 1 half right) x fit, 2 square']);

        self::assertSame(['knots', 'group', 'knots'], array_column($blocks, 'kind'));
        self::assertSame(['0', '1', '2'], array_column($blocks, 'path'));
        self::assertSame(['1.0', '1.1'], array_column($blocks[1]->parts, 'path'));
        self::assertTrue($blocks[1]->often->isFit);
        self::assertGreaterThan(0, $blocks[1]->often->fitted);
        self::assertSame(2, $blocks[0]->often->count);
    }

    public function testABeadMayBeAnyOther(): void
    {
        [$block] = self::blocks([
            'beads.dot' => ['shape' => 'round', 'diameter' => '6 mm', 'hole' => '2 mm', 'colour' => '#336699'],
            'beads.star' => ['shape' => 'round', 'diameter' => '6 mm', 'hole' => '2 mm', 'colour' => '#996633'],
            'pattern' => '1 bead dot, 1 square x fit',
        ]);

        self::assertSame('beads', $block->kind);
        self::assertSame(['dot'], $block->named->names);
        self::assertSame(['#336699'], $block->named->colours);
        self::assertSame(['dot', 'star'], array_keys($block->named->palette));
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return list<Block>
     */
    private static function blocks(array $changes): array
    {
        return (new Blocks(Examples::plan($changes)))->all();
    }
}
