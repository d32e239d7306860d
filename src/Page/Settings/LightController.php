<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Settings;

use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;

/**
 * Remembers by which light this browser shows Rinkel: daylight, lamp, or as the system says.
 */
#[AsController]
final readonly class LightController
{
    public function __construct(private UrlGeneratorInterface $urls) {}

    #[Route('/scheme', 'scheme', methods: 'POST')]
    public function choose(Request $request): Response
    {
        $scheme = $request->request->getString('scheme');
        $scheme = \in_array($scheme, ['day', 'lamp'], true) ? $scheme : 'system';
        $response = new RedirectResponse($this->urls->generate('settings'), Response::HTTP_SEE_OTHER);
        $response->headers->setCookie(Cookie::create('scheme', $scheme, '+1 year', sameSite: Cookie::SAMESITE_LAX));

        return $response;
    }
}
