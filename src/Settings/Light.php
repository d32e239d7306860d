<?php

declare(strict_types=1);

namespace Rinkel\App\Settings;

use Symfony\Component\HttpFoundation\RequestStack;

/**
 * By which light this browser shows Rinkel.
 */
final readonly class Light
{
    public const CHOICES = ['day', 'lamp', 'system'];

    public function __construct(private RequestStack $requests) {}

    public function chosen(): string
    {
        $cookie = $this->requests->getMainRequest()?->cookies->all()['scheme'] ?? '';

        return \is_string($cookie) && \in_array($cookie, self::CHOICES, true) ? $cookie : 'system';
    }
}
