<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Workshop;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Workshop\Role;
use Rinkel\App\Workshop\SignIns;
use Rinkel\App\Workshop\TooManyGuesses;
use Rinkel\App\Workshop\Workshop;
use Rinkel\Tests\App\WebCase;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;

final class SignInsTest extends WebCase
{
    public function testATokenIsKnownUntilItIsNotUsedForAMonth(): void
    {
        [$signIns, $cookie] = $this->signedIn();
        $connection = self::getContainer()->get(Connection::class);
        $request = new Request(cookies: [SignIns::COOKIE => (string) $cookie->getValue()]);
        self::assertSame('Ada', $signIns->member($request)?->name());
        self::assertSame($cookie->getValue(), $signIns->extractAccessToken($request));
        self::assertTrue($cookie->isHttpOnly());
        self::assertSame('lax', $cookie->getSameSite());
        self::assertStringNotContainsString(
            (string) $cookie->getValue(),
            (string) json_encode($connection->fetchAllAssociative('SELECT * FROM sign_in')),
            'the database has no token',
        );
        $this->ago(29);
        self::assertNotNull(self::fresh()->member($request));
        self::assertGreaterThan(time() - 100, $connection->fetchOne('SELECT seen FROM sign_in'));
        $this->ago(31);
        self::assertNull(self::fresh()->member($request));
        foreach (['', 'x', str_repeat('0', 48), str_repeat('0', 4000)] as $token) {
            self::assertNull($signIns->member(new Request(cookies: [SignIns::COOKIE => $token])));
        }
    }

    public function testACookieIsSecureWhereTheConnectionIs(): void
    {
        [$signIns] = $this->signedIn();
        $ada = self::getContainer()->get(Workshop::class)->members()[0];
        self::assertTrue($signIns->signIn($ada, true)->isSecure());
        self::assertFalse($signIns->signIn($ada, false)->isSecure());
    }

    /**
     * One machine guesses no more by trying one name after the other.
     */
    public function testAMachineThatTriesManyNamesIsNotHeard(): void
    {
        [$signIns] = $this->signedIn();
        for ($i = 0; $i < 100; ++$i) {
            self::assertNull($signIns->check('Somebody '.$i, 'wrong', '192.168.1.9'));
        }
        self::assertSame('Ada', $signIns->check('Ada', 'three grey cords', '192.168.1.8')?->name());
        $this->expectException(TooManyGuesses::class);
        $signIns->check('Ada', 'three grey cords', '192.168.1.9');
    }

    /**
     * @return array{SignIns, Cookie}
     */
    private function signedIn(): array
    {
        $workshop = self::getContainer()->get(Workshop::class);
        $workshop->choose($ada = $workshop->add('Ada', Role::Owner), 'three grey cords');
        $signIns = self::fresh();

        return [$signIns, $signIns->signIn($ada, false)];
    }

    private function ago(int $days): void
    {
        self::getContainer()->get(Connection::class)->executeStatement(
            'UPDATE sign_in SET seen = ?',
            [time() - 86400 * $days],
        );
        self::getContainer()->get(EntityManagerInterface::class)->clear();
    }

    /**
     * Returns one that has asked nobody yet.
     */
    private static function fresh(): SignIns
    {
        self::getContainer()->get(SignIns::class)->reset();

        return self::getContainer()->get(SignIns::class);
    }
}
