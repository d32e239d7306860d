<?php

declare(strict_types=1);

namespace Rinkel\App\Settings;

use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * Remembers by which light this browser shows Rinkel: daylight, lamp, or as the system says.
 */
final class LightController
{
    #[Route('/scheme', 'scheme', methods: 'POST')]
    public function choose(Request $request): Response
    {
        $scheme = $request->request->getString('scheme');
        $scheme = \in_array($scheme, ['day', 'lamp'], true) ? $scheme : 'system';
        $back = parse_url((string) $request->headers->get('Referer'));
        $path = $back['path'] ?? '';
        $path = str_starts_with($path, '/') && !str_starts_with($path, '//') ? $path : '/';
        $query = isset($back['query']) ? '?'.$back['query'] : '';
        $response = new RedirectResponse($path.$query, Response::HTTP_SEE_OTHER);
        $response->headers->setCookie(Cookie::create('scheme', $scheme, '+1 year', sameSite: Cookie::SAMESITE_LAX));

        return $response;
    }
}
