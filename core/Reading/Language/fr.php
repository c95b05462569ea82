<?php

/** French words and ours for them (from memory). */
return [
    'chaque' => 'each', 'chacun' => 'each', 'chacune' => 'each', 'de' => 'of', 'du' => 'of', 'des' => 'of', 'et' => 'and', 'avec' => 'with', 'sans' => 'without', 'un' => 'one', 'une' => 'one', 'fois' => 'x', 'deux' => 'two',
    'tous' => 'all', 'toutes' => 'all', 'tout' => 'everything', 'reste' => 'rest', 'autres' => 'others', 'aussi' => 'also', 'également' => 'also', 'pas' => 'not', 'non' => 'not', 'sauf' => 'except', 'même' => 'same', 'idem' => 'ditto', 'taille' => 'size', 'format' => 'size',
    'tirage' => 'print', 'tirages' => 'prints', 'exemplaire' => 'copy', 'exemplaires' => 'copies', 'copie' => 'copy', 'copies' => 'copies', 'total' => 'total', 'photo' => 'photo', 'photos' => 'photos', 'image' => 'picture', 'images' => 'pictures', 'numéro' => 'number', 'à' => 'to', 'au' => 'to',
    'toile' => 'canvas', 'toiles' => 'canvases', 'bord' => 'border', 'bords' => 'edges', 'bordure' => 'border', 'marge' => 'margin', 'blanc' => 'white', 'blanche' => 'white', 'noir' => 'black', 'noirs' => 'black', 'noire' => 'black', 'gris' => 'grey', 'miroir' => 'mirrored',
    'mat' => 'matte', 'brillant' => 'glossy', 'brillante' => 'glossy', 'satiné' => 'lustre', 'papier' => 'paper', 'sur' => 'on', 'entière' => 'whole', 'entier' => 'whole', 'douzaine' => 'dozen', 'ou' => 'or', 'pour' => 'for', 'pouces' => 'inches', 'centimètres' => 'cm',
    'bonjour' => 'hello', 'merci' => 'thanks', 'je' => 'i', 'nous' => 'we', 'voudrais' => 'want', 'voudrions' => 'want', 'les' => 'the', 'la' => 'the', 'le' => 'the', 'en' => 'as', 'paire' => 'pair',
];
