<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Lesson;

use Rinkel\App\Lesson\Where;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\Tests\App\WebCase;

/**
 * Which pieces a lesson is for; of many a few are looked at with each visit, and what is known of them stays known.
 */
final class WhereTest extends WebCase
{
    public function testTheLessonsPiecesAreFoundSomeAtATime(): void
    {
        $run = bin2hex(random_bytes(4)); // nobody knows of these yet
        for ($i = 0; $i < 30; ++$i) {
            $this->lay(['name' => 'Piece '.$i, 'for' => $run] + (0 === $i % 2 ? [] : ['pattern' => '20 half left']));
        }
        $where = self::getContainer()->get(Where::class);
        // All of them have a slider of square knots.
        self::assertCount(24, $where->pieces('square'), 'not all of them at once');
        self::assertCount(30, $where->pieces('square'), 'what is known stays known');
        $names = array_map(
            static fn (StoredPiece $one): mixed => $one->document()['name'] ?? '',
            $where->pieces('half left'),
        );
        self::assertCount(15, $names);
        self::assertContains('Piece 1', $names);
        self::assertNotContains('Piece 0', $names);
    }
}
