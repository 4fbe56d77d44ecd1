@extends('paper.sheet')
@section('style')
.page { page-break-after: always; }
.page:last-child { page-break-after: auto; }
h2 { margin: 0 0 1mm; font-size: 20pt; }
td { padding: 2.4mm 1.5mm; font-size: 11pt; }
.time { width: 32mm; font-weight: bold; white-space: nowrap; }
.free td { color: #5c554c; font-size: 9.5pt; }
.where { width: 52mm; }
.done { width: 8mm; }
.care { margin-top: 6mm; padding-top: 2mm; border-top: 0.3mm solid #1d1a16; font-size: 9pt; }
@endsection
@section('sheet')
@foreach ($sheets as $sheet)
<div class="page">
<p class="muted">{{ $title }}{{ $on === null ? '' : ', ' . $on }}</p>
<h2>{{ $sheet['of'] }}</h2>
<p>{{ $sheet['said'] }}</p>
@if ($sheet['rows'] !== [])
<table>
<thead><tr><th class="time">When</th><th>{{ $sheet['head'][0] }}</th><th class="where">{{ $sheet['head'][1] }}</th><th class="done">Done</th></tr></thead>
<tbody>
@foreach ($sheet['rows'] as $row)
<tr class="{{ $row['done'] ? 'turn' : 'free' }}">
<td class="time">{{ $row['from'] }}–{{ $row['to'] }}</td>
<td>{{ $row['what'] }}</td>
<td class="where">{{ $row['where'] }}</td>
<td class="done">@if ($row['done'])<div class="tick"></div>@endif</td>
</tr>
@endforeach
</tbody>
</table>
@endif
<p class="care">{{ $care }}</p>
</div>
@endforeach
@endsection
