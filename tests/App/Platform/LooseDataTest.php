<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\LooseData;
use Symfony\Component\HttpFoundation\Request;

final class LooseDataTest extends TestCase
{
    public function testTextsAreWhatWasTypedAndNoLonger(): void
    {
        $sent = LooseData::of(
            ['a' => "  caf\u{e9} \n", 'b' => ['x'], 'c' => "bad \xff byte", 'd' => str_repeat('é', 30)],
        );

        self::assertSame(['café', '', '', 'bad ? byte', str_repeat('é', 10)], [
            $sent->text('a'), $sent->text('b'), $sent->text('none'), $sent->text('c'), $sent->text('d', 10),
        ]);
        self::assertSame("  café \n", $sent->raw('a'));
        self::assertSame(['', ''], [$sent->raw('b'), $sent->raw('none')]);
        self::assertSame(['a' => 'caf', 'c' => 'bad', 'd' => 'ééé'], $sent->typed(3));
        self::assertTrue($sent->has('b'));
        self::assertFalse($sent->has('none'));
    }

    public function testNumbersAreHeldToTheirRange(): void
    {
        $sent = LooseData::of(
            ['n' => '7', 'more' => '70', 'less' => '-3', 'text' => '7a', 'long' => '1234567890', 'int' => 7],
        );
        $number = static fn (string $name): ?int => $sent->number($name, 1, 10, null);
        $exact = static fn (string $name): ?int => $sent->exact($name, 1, 10);

        self::assertSame([7, 10, 1, null, null, null, null], array_map($number, ['n', 'more', 'less', 'text', 'long', 'int', 'none']));
        self::assertSame([7, null, null, null], array_map($exact, ['n', 'more', 'less', 'text']));
        self::assertSame(4, $sent->number('text', 1, 10, 4));
    }

    public function testRowsAreFoundByTheirNumbers(): void
    {
        $sent = LooseData::of(
            ['id' => '42', 'not' => '42x', 'ids' => ['3', 'x', '3', ['4'], '12345678901234567890', '5']],
        );

        self::assertSame([42, 0, 0, 0], array_map($sent->id(...), ['id', 'not', 'ids', 'none']));
        self::assertSame([3, 5], $sent->ids('ids'));
        self::assertSame([], $sent->ids('id'));
    }

    public function testATextLooksAsItIsToLook(): void
    {
        $sent = LooseData::of(['at' => '09:30', 'no' => '9.30']);

        self::assertSame(['09:30', '08:00', ''], [
            $sent->like('at', '/^\d\d:\d\d$/D', '08:00'), $sent->like('no', '/^\d\d:\d\d$/D', '08:00'), $sent->like('no', '/^x$/D'),
        ]);
    }

    public function testListsAreReadByTheSameRules(): void
    {
        $sent = LooseData::of(
            ['c' => ['name' => ' Moss ', 'many' => '3'], 'take' => ['a', ['b'], 7, 'c'], 'text' => 'x'],
        );

        self::assertSame(['Moss', 3], [$sent->within('c')->text('name'), $sent->within('c')->number('many', 1, 9, null)]);
        self::assertSame(['a', 'c'], $sent->list('take'));
        self::assertSame([[], []], [$sent->list('text'), $sent->within('text')->typed()]);
    }

    public function testAFormAndAnAddressAreTwoThings(): void
    {
        $request = Request::create('/?q=address', 'POST', ['q' => 'form']);

        self::assertSame(
            ['address', 'form'],
            [LooseData::query($request)->text('q'), LooseData::form($request)->text('q')],
        );
    }
}
