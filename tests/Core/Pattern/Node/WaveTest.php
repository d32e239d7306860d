<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Node;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Pattern\Node\Wave;

final class WaveTest extends TestCase
{
    public function testSaysItsStepsAndItsBeads(): void
    {
        self::assertSame('wave 4 round / seed', (string) new Wave(4, 'round', 'seed'));
        self::assertSame('wave 4 round / 7 seed', (string) new Wave(4, 'round', 'seed', 7));
        self::assertSame(['round', 'seed'], (new Wave(4, 'round', 'seed'))->names());
        self::assertNull((new Wave(4, 'round', 'seed'))->freed());
    }

    public function testIsRenamedBeadByBead(): void
    {
        $renamed = (new Wave(4, 'round', 'seed', 7))->renamed(static fn (string $name, int $i): string => $name.$i);

        self::assertSame('wave 4 round0 / 7 seed1', (string) $renamed);
    }

    public function testIsCountedWithinItsBounds(): void
    {
        $wave = new Wave(4, 'round', 'seed', 7);

        self::assertSame(
            [1, 5, Wave::MOST_STEPS],
            array_map(static fn (int $count): int => $wave->times($count)->count(), [0, 5, Wave::MOST_STEPS + 1]),
        );
        self::assertSame('wave 5 round / 7 seed', (string) $wave->times(5));
    }

    #[TestWith([0, null])]
    #[TestWith([Wave::MOST_STEPS + 1, null])]
    #[TestWith([4, 0])]
    #[TestWith([4, Wave::MOST_SEEDS + 1])]
    public function testHoldsItsBounds(int $steps, ?int $seeds): void
    {
        self::assertSame(1, (new Wave(1, 'round', 'seed', 1))->seeds);
        $this->expectException(\DomainException::class);
        self::assertNull((new Wave($steps, 'round', 'seed', $seeds))->place());
    }
}
