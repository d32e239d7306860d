<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;

/**
 * What cannot be shown of a piece because nobody can work it out leads to its own page, which says what is wrong.
 */
#[AsEventListener]
final readonly class RedirectUnplannablePiece
{
    public function __construct(private UrlGeneratorInterface $addresses) {}

    public function __invoke(ExceptionEvent $event): void
    {
        $path = $event->getRequest()->getPathInfo();
        if (
            $event->getThrowable() instanceof PieceUnreadable && $event->isMainRequest()
            && 1 === preg_match('~^/pieces/(\d{1,18})/~', $path, $match)
        ) {
            $event->setResponse(new RedirectResponse(
                $this->addresses->generate('piece', ['id' => $match[1]]),
                Response::HTTP_SEE_OTHER,
            ));
        }
    }
}
