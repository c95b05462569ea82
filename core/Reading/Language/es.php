<?php

/** Spanish words and ours for them (from memory). */
return [
    'cada' => 'each', 'de' => 'of', 'del' => 'of', 'y' => 'and', 'e' => 'and', 'con' => 'with', 'sin' => 'without', 'un' => 'one', 'una' => 'one', 'uno' => 'one', 'dos' => 'two', 'veces' => 'x', 'ambas' => 'both', 'ambos' => 'both',
    'todas' => 'all', 'todos' => 'all', 'todo' => 'everything', 'resto' => 'rest', 'demás' => 'others', 'otras' => 'others', 'también' => 'also', 'además' => 'also', 'no' => 'not', 'excepto' => 'except', 'menos' => 'except', 'misma' => 'same', 'mismo' => 'same', 'tamaño' => 'size', 'formato' => 'size',
    'copia' => 'copy', 'copias' => 'copies', 'impresión' => 'print', 'impresiones' => 'prints', 'total' => 'total', 'foto' => 'photo', 'fotos' => 'photos', 'imagen' => 'picture', 'imágenes' => 'pictures', 'número' => 'number', 'hasta' => 'to', 'a' => 'to',
    'lienzo' => 'canvas', 'lienzos' => 'canvases', 'borde' => 'border', 'bordes' => 'edges', 'margen' => 'margin', 'blanco' => 'white', 'blanca' => 'white', 'negro' => 'black', 'negra' => 'black', 'negros' => 'black', 'gris' => 'grey', 'espejo' => 'mirrored',
    'mate' => 'matte', 'brillo' => 'glossy', 'brillante' => 'glossy', 'satinado' => 'lustre', 'papel' => 'paper', 'sobre' => 'on', 'entera' => 'whole', 'entero' => 'whole', 'docena' => 'dozen', 'par' => 'pair', 'o' => 'or', 'para' => 'for', 'pulgadas' => 'inches',
    'hola' => 'hello', 'gracias' => 'thanks', 'queremos' => 'want', 'quiero' => 'want', 'los' => 'the', 'las' => 'the', 'la' => 'the', 'el' => 'the', 'en' => 'as', 'por' => 'please', 'favor' => 'please',
];
