<?php

declare(strict_types=1);

namespace Rinkel\App\Workshop;

use Rinkel\Core\Message;

/**
 * Which passwords are taken: long ones (NIST SP 800-63B and OWASP ASVS 4.0.3, 2.1, from memory: length counts, no kinds
 * of signs are asked for), and none that is guessed first.
 */
final readonly class Passwords
{
    public const LEAST = 12;
    public const MOST = 200;

    /** Different signs in one, at least. */
    private const DIFFERENT = 5;

    /** What is tried first, with whatever stands around it: no more than that may be left of one without it. */
    private const COMMON = ['password', 'passwort', 'wachtwoord', 'welcome', 'qwerty', 'rinkel', '123456', 'abcdef'];

    private function __construct() {}

    /**
     * Returns what is wrong with a password, null for nothing.
     *
     * @param string $name of who chooses it
     */
    public static function fault(#[\SensitiveParameter] string $password, string $name): ?Message
    {
        $length = mb_strlen($password);
        $left = str_replace([...self::COMMON, Member::fold($name)], '', mb_strtolower($password));

        return match (true) {
            $length < self::LEAST => new Message('password-short', ['least' => self::LEAST]),
            $length > self::MOST => new Message('password-long', ['most' => self::MOST]),
            \count(array_unique(mb_str_split($password))) < self::DIFFERENT,
            mb_strlen($left) < $length && mb_strlen($left) < self::LEAST / 2 => new Message('password-guessed'),
            default => null,
        };
    }
}
