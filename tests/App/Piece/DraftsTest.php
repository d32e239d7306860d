<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Piece;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Piece\Drafts;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Examples;

final class DraftsTest extends TestCase
{
    public function testTheSamePieceIsDraftedOnce(): void
    {
        $drafts = new Drafts(new Planner(), new PieceWriter());
        $reader = new PieceReader();
        $first = $drafts->draft($reader->read(Examples::document([])));

        self::assertSame($first, $drafts->draft($reader->read(Examples::document([]))), 'read anew, and the same');
        $other = $drafts->draft($reader->read(Examples::document(['wearer.girth' => '19 cm'])));
        self::assertNotSame($first, $other);
        self::assertTrue($other->body()->isLongerThan($first->body()));
        $again = $drafts->draft($reader->read(Examples::document([])));
        self::assertEquals($first, $again, 'nothing is left of the other');
    }

    /**
     * What is written otherwise and means the same is kept as it was written.
     */
    public function testAPatternKeepsItsWriting(): void
    {
        $drafts = new Drafts(new Planner(), new PieceWriter());
        $reader = new PieceReader();
        foreach (['3 square, 2 half left', '3 square,  2 half left'] as $text) {
            $piece = $reader->read(Examples::document(['pattern' => $text]));
            self::assertSame($text, $drafts->plan($piece)->draft->piece->pattern->text);
        }
    }
}
