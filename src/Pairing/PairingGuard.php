<?php

declare(strict_types=1);

namespace Rinkel\App\Pairing;

use Rinkel\App\Platform\LooseData;
use Rinkel\App\Workshop\Workshop;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Contracts\Translation\TranslatorInterface;
use Twig\Environment;

/**
 * Shows a device that was not paired the way to pair it, and nothing else.
 */
#[AsEventListener(priority: 290)]
final readonly class PairingGuard
{
    public function __construct(
        private Pairing $pairing,
        private Workshop $workshop,
        private TranslatorInterface $translator,
        #[Autowire(lazy: true)]
        private Environment $twig,
    ) {}

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest() || $this->isLetThrough($request->getPathInfo())
            || $this->pairing->admits($request)) {
            return;
        }
        if ($request->headers->has('HX-Request') || !$request->isMethodSafe()) {
            if ('/pair' !== $request->getPathInfo()) {
                $event->setResponse(self::plain($this->translator->trans('said.not-paired'), 401));
            }
        } else {
            $event->setResponse(new Response($this->twig->render('pairing/pair.html.twig', [
                'word' => '/pair' === $request->getPathInfo() ? LooseData::query($request)->text('word', 40) : '',
                'wrong' => null, 'to' => '/pair' === $request->getPathInfo() ? '/' : $request->getRequestUri(),
            ]), Response::HTTP_UNAUTHORIZED, ['Cache-Control' => 'no-store']));
        }
    }

    /**
     * A customer's link is a way of its own, to one order and nothing else. In a workshop everybody signs in, wherever
     * they are; only what watches Rinkel does not.
     */
    private function isLetThrough(string $path): bool
    {
        return str_starts_with($path, '/for/')
            || (!\in_array($path, ['/health', '/metrics'], true) && $this->workshop->isOn());
    }

    private static function plain(string $sentence, int $status): Response
    {
        return new Response($sentence, $status, [
            'Content-Type' => 'text/plain; charset=utf-8', 'Cache-Control' => 'no-store', 'X-Rinkel-Says' => 'yes',
        ]);
    }
}
