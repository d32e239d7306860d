<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Hand\Observation;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\HandReader;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Core\Examples;

final class HandReaderTest extends TestCase
{
    /**
     * Written down and read back, what was known of a hand gives every example the cuts, the length and the ranges that
     * the whole hand gives it, though only what is known of its own cords is written.
     */
    public function testAPieceIsPlannedByTheHandOfThen(): void
    {
        $hand = self::hand();
        $planner = (new Planner())->by($hand);
        foreach (Examples::shipped() as $name => $spec) {
            $piece = $planner->completed($spec);
            $cords = array_values(array_map(static fn (CordUse $use): Cord => $use->cord, $piece->cords));
            $written = json_encode($hand->about($cords, $piece->tension)->facts(), \JSON_PRESERVE_ZERO_FRACTION);
            $facts = json_decode((string) $written, true);
            self::assertIsArray($facts);
            $read = HandReader::read($facts);
            self::assertSame($written, json_encode($read->facts(), \JSON_PRESERVE_ZERO_FRACTION));
            self::assertSame(
                self::told($planner->plan($spec)),
                self::told((new Planner())->by($read)->plan($spec)),
                (string) $name,
            );
        }
    }

    /**
     * @param array<string, mixed> $changes
     */
    #[DataProvider('provideWrong')]
    public function testWhatIsNoHandIsRefused(array $changes): void
    {
        $facts = self::hand()->about([], null)->facts();
        HandReader::read($facts);
        $this->expectException(PieceUnreadable::class);
        HandReader::read($changes + $facts);
    }

    /**
     * @return iterable<string, array{array<string, mixed>}>
     */
    public static function provideWrong(): iterable
    {
        yield 'told by nobody' => [['told' => -1]];
        yield 'told by a word' => [['told' => 'many']];
        yield 'no stretch' => [['pulled' => ['hemp 1 mm' => 'far']]];
        yield 'pulled by a list of nothing' => [['pulled' => 'x']];
        yield 'an unknown tension' => [['knows' => ['furious' => []]]];
        yield 'nothing known' => [['knows' => ['' => ['names' => [], 'spreads' => [], 'means' => [], 'factor' => []]]]];
        $one = ['names' => ['push'], 'spreads' => [0.1], 'means' => [0.0], 'factor' => [[10.0]]];
        foreach ([
            'another first' => ['names' => ['use kind square']],
            'a mean too many' => ['means' => [0.0, 0.0]],
            'no spread' => ['spreads' => []],
            'no factor' => ['factor' => []],
            'a factor that divides by nothing' => ['factor' => [[0.0]]],
            'a factor too wide' => ['factor' => [[1.0, 2.0]]],
            'a word in it' => ['means' => ['x']],
        ] as $name => $wrong) {
            yield $name => [['knows' => ['' => $wrong + $one]]];
        }
    }

    private static function hand(): Hand
    {
        $chance = new Chance(29);
        $observations = [];
        foreach (['square', 'half', 'overhand', 'braid'] as $kind) {
            foreach (['polyester 1 mm', 'hemp 1 mm', 'leather 2 mm', 'nylon 0.8 mm'] as $cord) {
                $observations[] = new Observation(
                    $kind.' '.$cord,
                    $kind,
                    $cord,
                    $chance->between(-0.1, 0.1),
                    0.02,
                    $chance->between(-0.1, 0.1),
                    0.03,
                    'braid' !== $kind,
                );
            }
        }

        return new Hand($observations);
    }

    private static function told(Plan $plan): string
    {
        return implode("\n", [
            round($plan->draft->body()->millimetres, 6),
            json_encode($plan->draft->setting->counts),
            ...array_map(static fn (Cut $cut): string => $cut->role.' '.$cut->count.' '.$cut->length, $plan->cuts),
        ]);
    }
}
