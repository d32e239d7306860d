<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Health;

use Rinkel\App\Health\Health;
use Rinkel\App\Health\HealthFinding;
use Rinkel\App\Health\Metrics;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * Answers machines that watch Rinkel: whether it works, and in figures.
 */
final class HealthController extends AbstractController
{
    #[Route('/health', 'health', methods: 'GET')]
    public function health(Health $health): Response
    {
        $found = $health->look();
        $bad = array_filter($found, static fn (HealthFinding $one): bool => $one->isBad);

        return new JsonResponse(
            [
                'status' => [] === $bad ? 'ok' : 'bad',
                'parts' => array_map(static fn (HealthFinding $one): array => [
                    'part' => $one->what, 'fine' => $one->isFine, 'says' => $one->says,
                ], $found),
            ],
            [] === $bad ? Response::HTTP_OK : Response::HTTP_SERVICE_UNAVAILABLE,
            ['Cache-Control' => 'no-store'],
        );
    }

    #[Route('/metrics', 'metrics', methods: 'GET')]
    public function metrics(Metrics $metrics): Response
    {
        return new Response(
            $metrics->text(),
            headers: ['Content-Type' => Metrics::TYPE, 'Cache-Control' => 'no-store'],
        );
    }
}
