<?php

declare(strict_types=1);

namespace Rinkel\App\Workshop;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\App\Platform\Http\AccessToken;
use Rinkel\App\Platform\Http\EntryWord;
use Rinkel\App\Platform\Http\Guesses;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use Symfony\Component\Security\Http\AccessToken\AccessTokenExtractorInterface;
use Symfony\Contracts\Service\ResetInterface;

/**
 * Who is signed in where: each browser has a token of its own in a cookie, and each can be signed out by itself.
 */
final class SignIns implements AccessTokenExtractorInterface, ResetInterface
{
    public const COOKIE = 'rinkel-signed-in';

    /** Days after which a browser that asks for nothing is signed out. */
    private const DAYS = 30;

    /** Seconds after which it is noted again that somebody was there. */
    private const NOTED = 3600;

    /** So many wrong passwords come from one machine before nobody looks; a school has one address. */
    private const MOST_OF_ONE = 100;

    /** @var array<string, Member|null> who has a token, as far as it was asked */
    private array $known = [];

    public function __construct(
        private readonly EntityManagerInterface $manager,
        private readonly ExclusiveTransaction $alone,
        private readonly ClockInterface $clock,
        private readonly Randomizer $random,
        private readonly UserPasswordHasherInterface $hasher,
        private readonly Guesses $guesses,
    ) {}

    public function reset(): void
    {
        $this->known = [];
    }

    /**
     * Returns who asks.
     */
    public function member(Request $request): ?Member
    {
        $token = self::token($request);
        if (!\array_key_exists($token, $this->known)) {
            $this->known[$token] = $this->find($token);
        }

        return $this->known[$token];
    }

    /**
     * Returns what somebody shows of themselves: a browser its cookie, a program its header.
     */
    private static function token(Request $request): string
    {
        $says = $request->headers->get('Authorization', '');

        return str_starts_with($says, 'Bearer ') ? substr($says, 7) : $request->cookies->getString(self::COOKIE);
    }

    public function extractAccessToken(Request $request): ?string
    {
        return null === $this->member($request) ? null : self::token($request);
    }

    /**
     * Returns whoever has this name and password, or this name and a word that lets them choose one; null for nobody.
     *
     * @throws TooManyGuesses If too many wrong ones came of late
     */
    public function check(string $name, string $secret, string $from): ?Member
    {
        $counted = ['sign-in '.Member::fold($name), 'sign-in from '.$from];
        if ($this->guesses->areSpent($counted[0]) || $this->guesses->areSpent($counted[1], self::MOST_OF_ONE)) {
            throw new TooManyGuesses();
        }
        $member = $this->manager->getRepository(Member::class)->findOneBy(['folded' => Member::fold($name)]);
        $fits = $this->fits($member, $secret);
        $opens = $member?->opens(EntryWord::proof($secret), $this->clock->now()->getTimestamp()) ?? false;
        if (null !== $member && ($fits || $opens)) {
            return $member;
        }
        $this->alone->run(function () use ($counted): void {
            array_map($this->guesses->note(...), $counted);
        });

        return null;
    }

    /**
     * Signs somebody in, and returns the cookie by which their browser is known.
     */
    public function signIn(Member $member, bool $isSecure): Cookie
    {
        $token = AccessToken::of($this->random);
        $now = $this->clock->now()->getTimestamp();
        $this->alone->run(function () use ($member, $token, $now): void {
            $this->manager->createQuery(
                \sprintf('DELETE FROM %s signed WHERE signed.seen < :until', SignIn::class),
            )->execute(['until' => $now - 86400 * self::DAYS]);
            $member = $this->manager->getRepository(Member::class)->findOneBy(['uid' => $member->uid()]);
            if (null !== $member) {
                $this->guesses->forget();
                $this->manager->persist(new SignIn($member, $token->proof(), $now));
            }
        });

        return Cookie::create(
            self::COOKIE,
            $token->text,
            $now + 86400 * 365,
            secure: $isSecure,
            sameSite: Cookie::SAMESITE_LAX,
        );
    }

    public function signOut(Request $request): void
    {
        $token = AccessToken::read($request->cookies->getString(self::COOKIE));
        $this->manager->createQuery(\sprintf('DELETE FROM %s signed WHERE signed.proof = :proof', SignIn::class))
            ->execute(['proof' => $token?->proof()]);
        $this->known = [];
    }

    /**
     * Signs somebody out wherever they are.
     */
    public function signOutEverywhere(Member $member): void
    {
        $this->manager->createQuery(\sprintf('DELETE FROM %s signed WHERE signed.member = :member', SignIn::class))
            ->execute(['member' => $member]);
        $this->known = [];
    }

    private function find(string $token): ?Member
    {
        $proof = AccessToken::read($token)?->proof();
        if (null === $proof) {
            return null;
        }
        $now = $this->clock->now()->getTimestamp();
        $signed = $this->manager->getRepository(SignIn::class)->findOneBy(['proof' => $proof]);
        if (null === $signed || $signed->seen() < $now - 86400 * self::DAYS) {
            return null;
        }
        if ($signed->seen() < $now - self::NOTED) {
            $this->manager->createQuery(
                \sprintf('UPDATE %s signed SET signed.seen = :now WHERE signed.proof = :proof', SignIn::class),
            )->execute(['now' => $now, 'proof' => $proof]);
        }

        return $signed->member();
    }

    /**
     * A name that is none takes as long as a wrong password, so that nobody learns who works here.
     */
    private function fits(?Member $member, string $secret): bool
    {
        if (null !== $member && $member->hasPassword()) {
            return $this->hasher->isPasswordValid($member, $secret);
        }
        $this->hasher->hashPassword(new Member(str_repeat('0', 32), '', Role::Helper, 0), $secret);

        return false;
    }
}
