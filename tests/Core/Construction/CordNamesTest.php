<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Work\WorkCord;
use Rinkel\Tests\Core\Examples;

final class CordNamesTest extends TestCase
{
    /**
     * What a cord says is heard, or refused by name: never taken and then dropped.
     */
    #[DataProvider('provideCords')]
    public function testNothingThatACordSaysIsDropped(string $construction, string $role): void
    {
        $names = Constructions::all()->get($construction)->cords();
        $completed = (new PieceWriter())->write(Examples::planOf($construction)->draft->piece->decided());
        self::assertIsArray($completed['cords']);
        $one = $completed['cords'][$role] ?? ['thickness' => '1 mm'];
        self::assertIsArray($one);
        $asked = ['count' => $names->isCounted($role), 'run' => $names->folds($role), 'lay' => $names->isLaid($role)];
        foreach (['count' => 4, 'run' => 'folded', 'lay' => 'packed'] as $field => $value) {
            $document = $completed;
            $document['cords'][$role] = [$field => $value] + $one;
            try {
                $plan = (new Planner())->plan((new PieceReader())->read($document));
                self::assertTrue($asked[$field], $field);
                $cords = array_filter($plan->sheet->cords, static fn (WorkCord $cord): bool => $cord->role === $role);
                self::assertTrue('count' !== $field || \count($cords) >= 2, 'as many as said, or half of it folded');
            } catch (PieceUnreadable $unreadable) {
                // Other rows than the pattern has beads for are told there: the count was heard.
                $isRows = 'pattern' === $unreadable->faults[0]->path;
                self::assertSame($asked[$field], $isRows, $field);
                self::assertSame($isRows ? 'pattern' : 'cords.'.$role.'.'.$field, $unreadable->faults[0]->path);
            }
        }
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function provideCords(): iterable
    {
        foreach (Constructions::all()->ids() as $id) {
            $names = Constructions::all()->get($id)->cords();
            foreach ([...$names->known, ...($names->further ? ['own'] : [])] as $role) {
                yield $id.' '.$role => [$id, $role];
            }
        }
    }
}
