<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Workshop;

use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\DataProvider;
use Rinkel\App\Workshop\KeptMembers;
use Rinkel\App\Workshop\Member;
use Rinkel\App\Workshop\Workshop;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Tests\App\WorkshopCase;

final class KeptMembersTest extends WorkshopCase
{
    private const ROW = [
        'uid' => '00000000000000000000000000000abc', 'name' => 'Cleo', 'role' => 'maker', 'since' => 9,
    ];

    public function testNoFileHoldsWhatSomebodySignsInBy(): void
    {
        $this->come('Bo', $this->begin());
        $kept = self::getContainer()->get(KeptMembers::class);
        foreach ($kept->uids() as $uid) {
            $member = $kept->find($uid);
            self::assertNotNull($member);
            $row = $kept->row($member);
            self::assertSame(['uid', 'name', 'role', 'since'], array_keys($row));
            self::assertEquals($row, $kept->read($row)->data);
        }
    }

    /**
     * @param array<string, mixed> $otherwise
     */
    #[DataProvider('wrong')]
    public function testWhatIsNoMemberIsRefused(array $otherwise): void
    {
        $this->expectException(PieceUnreadable::class);
        self::getContainer()->get(KeptMembers::class)->read($otherwise + self::ROW);
    }

    /**
     * @return iterable<string, array{array<string, mixed>}>
     */
    public static function wrong(): iterable
    {
        yield 'no uid' => [['uid' => 'cleo']];
        yield 'no name' => [['name' => ' ']];
        yield 'a long name' => [['name' => str_repeat('n', 61)]];
        yield 'no role' => [['role' => 'boss']];
        yield 'before there was time' => [['since' => -1]];
    }

    /**
     * Whoever comes from a file cannot sign in before they are given a word, makes no workshop, and takes nobody's name
     * or keys.
     */
    public function testAFileTakesNobodyTheKeys(): void
    {
        $kept = self::getContainer()->get(KeptMembers::class);
        foreach ([self::ROW, ['uid' => str_repeat('d', 32), 'name' => 'Dov', 'role' => 'owner'] + self::ROW] as $row) {
            $kept->bring($kept->read($row));
            self::getContainer()->get(EntityManagerInterface::class)->flush();
        }
        $this->get('/workshop');
        self::assertResponseIsSuccessful();
        self::assertFalse(self::getContainer()->get(Workshop::class)->isOn());
    }

    public function testTheLastOwnerKeepsTheirRoleAndTheirName(): void
    {
        $this->begin();
        $kept = self::getContainer()->get(KeptMembers::class);
        $workshop = self::getContainer()->get(Workshop::class);
        $ada = $workshop->named('Ada');
        self::assertNotNull($ada);
        $kept->bring($kept->read(['role' => 'helper'] + $kept->row($ada)));
        $kept->bring($kept->read(['name' => 'ADA'] + self::ROW));
        self::getContainer()->get(EntityManagerInterface::class)->flush();
        self::assertSame(
            ['Ada owner', 'ADA 2 maker', 'Bo helper'],
            array_map(static fn (Member $one): string => $one->name().' '.$one->role()->value, $workshop->members()),
        );
        self::assertTrue($workshop->isOn());
    }
}
