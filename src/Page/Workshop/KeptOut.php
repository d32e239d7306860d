<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Workshop;

use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\Authorization\AccessDeniedHandlerInterface;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;
use Symfony\Contracts\Translation\TranslatorInterface;
use Twig\Environment;

/**
 * Shows whoever is not signed in where they sign in, and whoever is that a page is not for them.
 */
final readonly class KeptOut implements AuthenticationEntryPointInterface, AccessDeniedHandlerInterface
{
    public function __construct(
        private UrlGeneratorInterface $urls,
        private TranslatorInterface $translator,
        private Environment $twig,
    ) {}

    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        if (self::isPart($request)) {
            return $this->sentence('said.not-signed-in', Response::HTTP_UNAUTHORIZED);
        }
        $to = $request->getRequestUri();

        return new RedirectResponse(
            $this->urls->generate('sign_in', '/' === $to ? [] : ['to' => $to]),
            Response::HTTP_SEE_OTHER,
            ['Cache-Control' => 'no-store'],
        );
    }

    public function handle(Request $request, AccessDeniedException $accessDeniedException): Response
    {
        if ('table' === $request->attributes->get('_route')) {
            return new RedirectResponse($this->urls->generate('bench'), Response::HTTP_SEE_OTHER);
        }

        return self::isPart($request)
            ? $this->sentence('said.not-for-you', Response::HTTP_FORBIDDEN)
            : new Response($this->twig->render('workshop/refused.html.twig'), Response::HTTP_FORBIDDEN);
    }

    /**
     * Returns whether somebody is on a page already, where a sentence is shown, or is a program.
     */
    private static function isPart(Request $request): bool
    {
        return $request->headers->has('HX-Request') || !$request->isMethodSafe()
            || str_starts_with($request->getPathInfo(), '/api/');
    }

    private function sentence(string $key, int $status): Response
    {
        return new Response($this->translator->trans($key), $status, [
            'Content-Type' => 'text/plain; charset=utf-8', 'Cache-Control' => 'no-store', 'X-Rinkel-Says' => 'yes',
        ]);
    }
}
