<?php

declare(strict_types=1);

namespace Rinkel\App\Workshop;

use Doctrine\DBAL\Exception as DatabaseException;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Rinkel\App\Platform\Http\EntryWord;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use Symfony\Contracts\Service\ResetInterface;

/**
 * Who works here. As long as there is one maker, nobody signs in and all is theirs; with the second person it is a
 * workshop, in which everybody signs in.
 */
final class Workshop implements ResetInterface
{
    /** Hours for which a word lets somebody choose a password. */
    public const HOURS = 72;

    private ?bool $isOn = null;

    public function __construct(
        private readonly EntityManagerInterface $manager,
        private readonly SignIns $signIns,
        private readonly RequestStack $requests,
        private readonly ClockInterface $clock,
        private readonly Randomizer $random,
        private readonly UserPasswordHasherInterface $hasher,
    ) {}

    public function reset(): void
    {
        $this->isOn = null;
    }

    /**
     * Returns whether everybody signs in: there are two people, and an owner among them who can, or has a word to.
     */
    public function isOn(): bool
    {
        return $this->isOn ??= [2, 1] === array_map(
            static fn (mixed $many): int => is_numeric($many) ? (int) $many : 0,
            $this->manager->getConnection()->fetchNumeric(
                "SELECT (SELECT COUNT(*) FROM (SELECT 1 FROM member LIMIT 2) members),
                    (SELECT COUNT(*) FROM (
                        SELECT 1 FROM member WHERE role = 'owner' AND (password <> '' OR word <> '') LIMIT 1
                    ) owners)",
            ) ?: [],
        );
    }

    /**
     * Returns the same for a page that says what is wrong with the database: no, where that cannot be asked.
     */
    public function isSeenToBeOn(): bool
    {
        try {
            return $this->isOn();
        } catch (DatabaseException) {
            return false;
        }
    }

    /**
     * Returns who asks; null where nobody signs in, or nobody did.
     */
    public function me(): ?Member
    {
        $request = $this->requests->getMainRequest();

        return null !== $request && $this->isOn() ? $this->signIns->member($request) : null;
    }

    /**
     * Returns by what the one who asks is told from others; "" where nobody signs in.
     */
    public function myUid(): string
    {
        return $this->me()?->uid() ?? '';
    }

    /**
     * @return list<Member> owners first, then by name
     */
    public function members(): array
    {
        $members = $this->manager->getRepository(Member::class)->findBy([], ['folded' => 'ASC']);
        usort($members, static fn (Member $one, Member $other): int => $one->role()->rank() <=> $other->role()->rank());

        return $members;
    }

    public function find(string $uid): ?Member
    {
        return $this->manager->getRepository(Member::class)->findOneBy(['uid' => $uid]);
    }

    public function named(string $name): ?Member
    {
        return $this->manager->getRepository(Member::class)->findOneBy(['folded' => Member::fold($name)]);
    }

    /**
     * Adds somebody; they can do nothing before they are given a word, or a password is chosen.
     */
    public function add(string $name, Role $role): Member
    {
        $uid = bin2hex($this->random->getBytes(16));
        $member = new Member($uid, trim($name), $role, $this->clock->now()->getTimestamp());
        $this->manager->persist($member);
        $this->manager->flush();
        $this->isOn = null;

        return $member;
    }

    public function change(Member $member, string $name, Role $role): void
    {
        $member->become(trim($name), $role);
        $this->manager->flush();
        $this->isOn = null;
    }

    /**
     * Signs somebody out everywhere and forgets their password.
     *
     * @return string the word by which they choose another
     */
    public function reinvite(Member $member): string
    {
        $word = EntryWord::of($this->random);
        $member->give(EntryWord::proof($word), $this->clock->now()->getTimestamp() + 3600 * self::HOURS);
        $this->manager->flush();
        $this->signIns->signOutEverywhere($member);
        $this->isOn = null;

        return $word;
    }

    /**
     * Has somebody sign in by this password from now on, and nowhere by the one before.
     */
    public function choose(Member $member, #[\SensitiveParameter] string $password): void
    {
        $hash = $this->hasher->hashPassword($member, $password);
        // It was read before, by whoever asked whether they may.
        $stored = $this->find($member->uid());
        if (null !== $stored) {
            $stored->choose($hash);
            $this->manager->flush();
            $this->signIns->signOutEverywhere($stored);
        }
        $this->isOn = null;
    }

    /**
     * Returns whether somebody is the only owner who can sign in: they stay one.
     */
    public function isLastOwner(Member $member): bool
    {
        $owners = array_filter(
            $this->members(),
            static fn (Member $one): bool => Role::Owner === $one->role() && $one->hasPassword(),
        );

        return [$member->uid()] === array_map(static fn (Member $one): string => $one->uid(), array_values($owners));
    }
}
