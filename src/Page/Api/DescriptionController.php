<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Api;

use Rinkel\App\Platform\Http\JsonAnswer;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * What can be asked for, to be read by programs and by people.
 */
#[Route(ApiController::PATH)]
final class DescriptionController extends AbstractController
{
    public function __construct(private readonly Description $description) {}

    #[Route('/openapi.json', 'api_description', methods: 'GET')]
    public function document(): Response
    {
        return JsonAnswer::of($this->description->document());
    }

    #[Route('/docs', 'api_docs', methods: 'GET')]
    public function read(): Response
    {
        return $this->render('api/docs.html.twig', ['api' => $this->description->document()]);
    }
}
