<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Internal\PartPaths;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Pattern;

final class PartPathsTest extends TestCase
{
    public function testAPartIsFoundAndReplacedByItsPath(): void
    {
        $paths = new PartPaths(Pattern::parse('2 square, (1 bead a, 3 square) x 2', Unit::Millimetre));

        self::assertSame('1 bead a', (string) $paths->at('1.0'));
        self::assertNull($paths->at('1.5'));
        self::assertNull($paths->at(''));
        self::assertSame(
            '2 square, 3 square x 2',
            (string) $paths->replaced('1.0', static fn (Node $node): array => []),
        );
        self::assertSame(
            '2 square, (1 bead a, 1 bead a, 3 square) x 2',
            (string) $paths->replaced('1.0', static fn (Node $node): array => [$node, $node]),
        );
    }

    public function testAPathIsNumbersAndDots(): void
    {
        self::assertSame([1, 0, 12], PartPaths::steps('1.0.12'));
        foreach (['', '1.', 'a', '1..2', '-1', '99999'] as $path) {
            self::assertSame([], PartPaths::steps($path), $path);
        }
    }

    public function testWhatBecomesEmptyGoes(): void
    {
        $paths = new PartPaths(Pattern::parse('2 square, (1 bead a) x 2', Unit::Millimetre));

        self::assertSame('2 square', (string) $paths->replaced('1.0', static fn (Node $node): array => []));
    }
}
