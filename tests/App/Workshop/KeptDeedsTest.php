<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Workshop;

use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\DataProvider;
use Rinkel\App\Workshop\Deeds;
use Rinkel\App\Workshop\KeptDeeds;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Tests\App\WebCase;

final class KeptDeedsTest extends WebCase
{
    private const DAY = '00000000000000000000000020261201';

    /** One at eight in the morning of that day, UTC. */
    private const DEED = [
        'at' => 1_796_112_000, 'member' => 'aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa', 'who' => 'Ada', 'what' => 'changed',
        'thing' => '/pieces/1', 'name' => 'Band', 'times' => 3,
    ];

    public function testADayIsOneRowAndComesOnce(): void
    {
        $kept = self::getContainer()->get(KeptDeeds::class);
        $next = array_merge(self::DEED, ['at' => 1_796_115_600, 'times' => 1]);
        $row = ['uid' => self::DAY, 'deeds' => [self::DEED, $next]];
        foreach ([1, 2] as $time) {
            $kept->bring($kept->read($row), 1 === $time);
            self::getContainer()->get(EntityManagerInterface::class)->flush();
        }
        self::assertSame([self::DAY], [...$kept->uids()]);
        $first = $kept->find(self::DAY);
        self::assertNotNull($first);
        self::assertSame('2026-12-01 08:00', gmdate('Y-m-d H:i', $first->at()));
        self::assertSame($row, $kept->row($first));
        $kept->remove($first);
        self::assertSame(0, self::getContainer()->get(Deeds::class)->count(''));
    }

    /**
     * @param array<string, mixed> $row
     */
    #[DataProvider('wrong')]
    public function testWhatIsNoDayIsRefused(array $row): void
    {
        $this->expectException(PieceUnreadable::class);
        self::getContainer()->get(KeptDeeds::class)->read($row);
    }

    /**
     * @return iterable<string, array{array<string, mixed>}>
     */
    public static function wrong(): iterable
    {
        yield 'no day' => [['uid' => str_repeat('a', 32), 'deeds' => []]];
        yield 'a deed of another day' => [['uid' => self::DAY, 'deeds' => [['at' => 1_796_198_400] + self::DEED]]];
        yield 'no list' => [['uid' => self::DAY, 'deeds' => 'many']];
        foreach ([
            'member' => 'Ada', 'what' => 'Changed!', 'thing' => str_repeat('x', 61), 'times' => 0,
        ] as $field => $is) {
            yield $field => [['uid' => self::DAY, 'deeds' => [[$field => $is] + self::DEED]]];
        }
    }
}
