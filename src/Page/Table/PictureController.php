<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Table;

use Rinkel\App\Piece\PageState;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\PieceViews;
use Rinkel\App\Svg\DrawingFile;
use Rinkel\App\Svg\PagePictures;
use Rinkel\App\Table\BeginningPictures;
use Rinkel\App\Table\Shelf;
use Rinkel\App\Table\TableRows;
use Rinkel\Core\Failure;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The small drawings of the Table and of New piece, each a file that a browser keeps.
 */
final class PictureController extends AbstractController
{
    public function __construct(private readonly DrawingFile $files) {}

    #[Route('/pieces/{id}/small.svg', 'piece_small', requirements: ['id' => '[0-9]{1,18}'], methods: 'GET')]
    public function small(int $id, Pieces $pieces, TableRows $rows): Response
    {
        $stored = $pieces->find($id) ?? throw $this->createNotFoundException();
        try {
            return $this->files->response($rows->drawing($stored));
        } catch (Failure) {
            throw $this->createNotFoundException();
        }
    }

    /**
     * Answers with the worn piece alone, as it is looked at: for a page on which it is turned or opened.
     */
    #[Route('/pieces/{id}/worn', 'piece_worn', requirements: ['id' => '[0-9]{1,18}'], methods: 'GET')]
    public function worn(int $id, Request $request, Pieces $pieces, PieceViews $views, PagePictures $pictures): Response
    {
        try {
            $plan = $views->plan($pieces->find($id) ?? throw $this->createNotFoundException());

            return new Response($pictures->worn($plan, PageState::of($request)->posture));
        } catch (Failure) {
            throw $this->createNotFoundException();
        }
    }

    #[Route(
        '/new/{group}/{construction}.svg',
        'making_picture',
        requirements: ['group' => 'around|neck', 'construction' => '[a-z-]{1,40}'],
        methods: 'GET',
    )]
    public function making(string $group, string $construction, BeginningPictures $beginnings): Response
    {
        return $this->files->response(
            $beginnings->all()[$group][$construction] ?? throw $this->createNotFoundException(),
        );
    }

    #[Route('/new/design/{name}.svg', 'design_picture', requirements: ['name' => '[a-z0-9-]{1,40}'], methods: 'GET')]
    public function design(string $name, Shelf $shelf): Response
    {
        $of = str_starts_with($name, 'of-') ? $shelf->others() : $shelf->designs();
        $designs = array_merge(...array_values($of));

        return $this->files->response($designs[$name]->picture ?? throw $this->createNotFoundException());
    }
}
