<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Twig;

use Rinkel\App\Page\Area;
use Rinkel\App\Workshop\Deeds;
use Rinkel\App\Workshop\Member;
use Rinkel\App\Workshop\Reach;
use Rinkel\App\Workshop\StoredDeed;
use Rinkel\App\Workshop\Workshop;
use Symfony\Component\Security\Core\Authorization\AuthorizationCheckerInterface;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/**
 * Who is signed in, and what they reach.
 */
final class WorkshopExtension extends AbstractExtension
{
    public function __construct(
        private readonly Workshop $workshop,
        private readonly Deeds $deeds,
        private readonly AuthorizationCheckerInterface $security,
    ) {}

    public function getFunctions(): array
    {
        return [
            new TwigFunction('me', fn (): ?Member => $this->workshop->isSeenToBeOn() ? $this->workshop->me() : null),
            new TwigFunction('members', $this->members(...)),
            new TwigFunction('reaches', $this->reaches(...)),
            new TwigFunction('first_of', $this->first(...)),
            new TwigFunction('last_deed', $this->last(...)),
            new TwigFunction('member_name', $this->name(...)),
        ];
    }

    /**
     * @return list<Member> none outside a workshop
     */
    private function members(): array
    {
        return $this->workshop->isSeenToBeOn() ? $this->workshop->members() : [];
    }

    private function reaches(string $route): bool
    {
        return !$this->workshop->isSeenToBeOn() || $this->security->isGranted(Reach::NAME, $route);
    }

    /**
     * Returns the first page of a place that whoever asks reaches; null where there is none.
     */
    private function first(Area $area): ?string
    {
        return array_values(array_filter(array_keys($area->pages()), $this->reaches(...)))[0] ?? null;
    }

    /**
     * Returns what was done last to the thing of a page; null outside a workshop.
     */
    private function last(string $path): ?StoredDeed
    {
        return $this->workshop->isSeenToBeOn() ? $this->deeds->last($path) : null;
    }

    /**
     * Returns the name of a member; "" of nobody who works here.
     */
    private function name(string $uid): string
    {
        return '' === $uid || !$this->workshop->isSeenToBeOn() ? '' : $this->workshop->find($uid)?->name() ?? '';
    }
}
