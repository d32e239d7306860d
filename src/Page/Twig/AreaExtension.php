<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Twig;

use Rinkel\App\Page\Area;
use Symfony\Component\HttpFoundation\RequestStack;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/**
 * Where a page lies, as the head of every page shows it.
 */
final class AreaExtension extends AbstractExtension
{
    public function __construct(private readonly RequestStack $requests) {}

    public function getFunctions(): array
    {
        return [
            new TwigFunction('places', Area::cases(...)),
            new TwigFunction('place', $this->place(...)),
        ];
    }

    /**
     * @return array{Area, string}|null the place and its page
     */
    private function place(): ?array
    {
        $route = $this->requests->getMainRequest()?->attributes->get('_route');

        return \is_string($route) ? Area::of($route) : null;
    }
}
