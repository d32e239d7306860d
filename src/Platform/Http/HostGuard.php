<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Http;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Answers only under this machine's own names, and those that its owner allows by HOST: another site cannot reach
 * Rinkel by letting its own name point here.
 */
#[AsEventListener(priority: 300)]
final readonly class HostGuard
{
    private const OWN = ['localhost', '127.0.0.1', '[::1]'];

    /**
     * @param string $allowed further names, apart by commas
     */
    public function __construct(
        #[Autowire('%env(HOST)%')]
        private string $allowed,
        private TranslatorInterface $translator,
    ) {}

    public function __invoke(RequestEvent $event): void
    {
        if ($event->isMainRequest() && !self::allows(
            (string) $event->getRequest()->headers->get('Host'),
            $this->allowed,
        )) {
            $event->setResponse(new Response(
                $this->translator->trans('said.foreign-host'),
                Response::HTTP_MISDIRECTED_REQUEST,
                ['Content-Type' => 'text/plain; charset=utf-8'],
            ));
        }
    }

    /**
     * @param string $host    as the request says it, with a port or without
     * @param string $allowed names besides this machine's own, apart by commas
     */
    public static function allows(string $host, string $allowed): bool
    {
        $name = strtolower(preg_replace('/:\d+$/', '', $host) ?? '');
        $names = [
            ...self::OWN,
            ...array_map(static fn (string $name): string => strtolower(trim($name)), explode(',', $allowed)),
        ];

        return '' !== $name && \in_array($name, $names, true);
    }
}
