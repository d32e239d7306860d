<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Tests\Core\Examples;

final class CreditTest extends TestCase
{
    /**
     * As long as the published schema has it, and not one character longer.
     */
    #[TestWith(['by'])]
    #[TestWith(['licence'])]
    #[TestWith(['says'])]
    #[TestWith(['mark'])]
    public function testTheSchemaSaysHowLong(string $field): void
    {
        $schema = (string) file_get_contents(\dirname(__DIR__, 3).'/docs/piece.schema.json');
        self::assertSame(1, preg_match('/"credit".*?"'.$field.'": \{[^}]*"maxLength": (\d+)/s', $schema, $most));
        $credit = ['by' => 'Wil', 'licence' => 'Make it', $field => str_repeat('ä', (int) $most[1])];
        $read = Examples::piece(['credit' => $credit])->workmanship->credit;
        self::assertNotNull($read);
        self::assertSame($credit[$field], get_object_vars($read)[$field]);
        $longer = [$field => $credit[$field].'ä'] + $credit;
        try {
            Examples::piece(['credit' => $longer]);
            self::fail('It was read.');
        } catch (PieceUnreadable $unreadable) {
            self::assertSame(['credit.'.$field], array_map(
                static fn (Fault $fault): string => $fault->path,
                $unreadable->faults,
            ));
        }
    }
}
