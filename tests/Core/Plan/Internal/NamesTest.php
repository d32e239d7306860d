<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Tests\Core\Examples;

final class NamesTest extends TestCase
{
    public function testACordWithNoTaskIsNotPassedOverInSilence(): void
    {
        try {
            Examples::plan(['cords.spare' => ['fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#112233']]);
            self::fail('It has no task.');
        } catch (PieceUnreadable $unreadable) {
            self::assertSame('cords.spare', $unreadable->faults[0]->path);
        }
    }

    public function testAFindingOfTheClosureHasToBeThere(): void
    {
        try {
            Examples::plan(['closure' => ['kind' => 'clasp', 'findings' => ['hook']]]);
            self::fail('There is none.');
        } catch (PieceUnreadable $unreadable) {
            self::assertSame('closure.findings', $unreadable->faults[0]->path);
        }
    }

    public function testASampleThatCannotBeIsRefused(): void
    {
        try {
            Examples::plan(['samples' => ['square' => ['pitch' => '3 mm', 'use' => '3 mm']]]);
            self::fail('No cord goes around the core in 3 mm.');
        } catch (PieceUnreadable $unreadable) {
            self::assertSame('samples.square.use', $unreadable->faults[0]->path);
        }
    }
}
