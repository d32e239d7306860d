<?php

declare(strict_types=1);

namespace Rinkel\App\Workshop;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Security\Core\User\UserProviderInterface;
use Symfony\Component\Security\Http\AccessToken\AccessTokenHandlerInterface;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;

/**
 * Tells Symfony's security who somebody is: by their uid, or by the token of the browser that asks.
 *
 * @implements UserProviderInterface<Member>
 */
final readonly class Members implements UserProviderInterface, AccessTokenHandlerInterface
{
    public function __construct(
        private EntityManagerInterface $manager,
        private SignIns $signIns,
        private RequestStack $requests,
    ) {}

    public function loadUserByIdentifier(string $identifier): Member
    {
        return $this->manager->getRepository(Member::class)->findOneBy(['uid' => $identifier])
            ?? throw new UserNotFoundException();
    }

    public function refreshUser(UserInterface $user): Member
    {
        return $this->loadUserByIdentifier($user->getUserIdentifier());
    }

    public function supportsClass(string $class): bool
    {
        return Member::class === $class;
    }

    public function getUserBadgeFrom(#[\SensitiveParameter] string $accessToken): UserBadge
    {
        $request = $this->requests->getMainRequest();
        $member = null === $request ? null : $this->signIns->member($request);

        return new UserBadge(
            $member?->uid() ?? throw new UserNotFoundException(),
            static fn (): Member => $member,
        );
    }
}
