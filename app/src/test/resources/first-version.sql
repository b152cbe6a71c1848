-- Two crafts, one with a closed and one with an open work-up, as the first version of the program wrote them.
INSERT INTO craft (mark, name, class, state, version, entered_at)
VALUES ('EIDER', 'Survey lines, heavy camera', '10-inch survey', 'FIT', 1, '2026-03-10T02:14:48.278959401Z');
INSERT INTO craft (mark, name, class, state, version, entered_at)
VALUES ('GANNET', 'Cliff counts, north stacks', '7-inch long range', 'FIT', 1, '2025-12-20T02:14:48.278959401Z');
INSERT INTO build_sheet (mark, revision, body, reason, entered_at)
VALUES ('EIDER', 1, '{"shape":"X","motors":[{"forwardMm":160.0,"rightMm":160.0},{"forwardMm":-160.0,"rightMm":160.0},{"forwardMm":-160.0,"rightMm":-160.0},{"forwardMm":160.0,"rightMm":-160.0}],"massG":1900.0,"motorMassG":105.0,"propDiameterMm":254.0,"thrustToWeight":2.6,"balance":{"forwardMm":0.0,"rightMm":0.0},"propSpins":["COUNTER_CLOCKWISE","CLOCKWISE","COUNTER_CLOCKWISE","CLOCKWISE"],"wiring":["REAR_RIGHT","FRONT_RIGHT","REAR_LEFT","FRONT_LEFT"],"mounted":{"rollDeg":0,"pitchDeg":0,"yawDeg":0},"numbering":"REAR_RIGHT_FIRST","outputOrder":"1-2-3-4","toldSpins":"INWARD","toldAlignment":{"rollDeg":0,"pitchDeg":0,"yawDeg":0},"boardSticks":"AETR","radioSticks":"AETR","reversedSticks":[],"mode":"LEVEL","gain":1.0}', 'first entered', '2026-03-10T02:14:48.278959401Z');
INSERT INTO build_sheet (mark, revision, body, reason, entered_at)
VALUES ('GANNET', 1, '{"shape":"X","motors":[{"forwardMm":115.0,"rightMm":115.0},{"forwardMm":-115.0,"rightMm":115.0},{"forwardMm":-115.0,"rightMm":-115.0},{"forwardMm":115.0,"rightMm":-115.0}],"massG":950.0,"motorMassG":52.0,"propDiameterMm":178.0,"thrustToWeight":4.0,"balance":{"forwardMm":0.0,"rightMm":0.0},"propSpins":["COUNTER_CLOCKWISE","CLOCKWISE","COUNTER_CLOCKWISE","CLOCKWISE"],"wiring":["REAR_RIGHT","FRONT_RIGHT","REAR_LEFT","FRONT_LEFT"],"mounted":{"rollDeg":0,"pitchDeg":0,"yawDeg":0},"numbering":"REAR_RIGHT_FIRST","outputOrder":"1-2-3-4","toldSpins":"INWARD","toldAlignment":{"rollDeg":0,"pitchDeg":0,"yawDeg":0},"boardSticks":"AETR","radioSticks":"AETR","reversedSticks":[],"mode":"LEVEL","gain":1.0}', 'first entered', '2025-12-20T02:14:48.278959401Z');
INSERT INTO work_up (id, mark, revision, complaint, occasion, opened_at)
VALUES (5, 'EIDER', 1, 'Owner says it twitched once in the wind', 'NOTHING_KNOWN', '2026-09-06T02:14:48.278959401Z');
INSERT INTO work_up (id, mark, revision, complaint, occasion, opened_at)
VALUES (9, 'GANNET', 1, 'Goes over its right front corner every time', 'CRASH', '2026-11-24T22:38:48.278959401Z');
INSERT INTO work_up_event (work_up_id, n, at, body)
VALUES (5, 1, '2026-09-06T02:14:48.278959401Z', '{"kind":"found","checkId":"take-off","outcomes":{"manner":"flies"},"written":"","sureness":"SURE"}');
INSERT INTO work_up_event (work_up_id, n, at, body)
VALUES (5, 2, '2026-09-06T02:19:48.278959401Z', '{"kind":"found","checkId":"finger","outcomes":{"seen":"none"},"written":"","sureness":"SURE"}');
INSERT INTO work_up_event (work_up_id, n, at, body)
VALUES (5, 3, '2026-09-06T02:25:48.278959401Z', '{"kind":"bench-set","state":{"propsOn":false,"packIn":true,"limiterIn":false,"usbIn":true,"antennaOn":true,"radioOn":false,"atField":false,"shortTest":"PASSED"},"override":""}');
INSERT INTO work_up_event (work_up_id, n, at, body)
VALUES (5, 4, '2026-09-06T02:25:48.278959401Z', '{"kind":"found","checkId":"start","outcomes":{"seen":"together"},"written":"","sureness":"SURE"}');
INSERT INTO work_up_event (work_up_id, n, at, body)
VALUES (5, 5, '2026-09-06T02:40:48.278959401Z', '{"kind":"closed","end":"NO_FAULT_FOUND","reason":"Twelve minutes hovered in wind without a twitch; watched"}');
INSERT INTO work_up_event (work_up_id, n, at, body)
VALUES (9, 1, '2026-11-24T22:38:48.278959401Z', '{"kind":"found","checkId":"take-off","outcomes":{"manner":"flips","edge":"front-right","spin":"none","onset":"at-once","repeat":"same"},"written":"","sureness":"SURE"}');
INSERT INTO work_up_event (work_up_id, n, at, body)
VALUES (9, 2, '2026-11-24T22:40:48.278959401Z', '{"kind":"found","checkId":"prop-front-right","outcomes":{"seen":"ccw"},"written":"","sureness":"SURE"}');
INSERT INTO work_up_event (work_up_id, n, at, body)
VALUES (9, 3, '2026-11-24T22:52:48.278959401Z', '{"kind":"bench-set","state":{"propsOn":false,"packIn":true,"limiterIn":false,"usbIn":true,"antennaOn":true,"radioOn":false,"atField":false,"shortTest":"PASSED"},"override":""}');
INSERT INTO work_up_event (work_up_id, n, at, body)
VALUES (9, 4, '2026-11-24T22:52:48.278959401Z', '{"kind":"found","checkId":"start","outcomes":{"seen":"dead-front-right"},"written":"","sureness":"SURE"}');
INSERT INTO work_up_event (work_up_id, n, at, body)
VALUES (9, 5, '2026-11-24T22:54:48.278959401Z', '{"kind":"found","checkId":"spin-2","outcomes":{"seen":"none"},"written":"","sureness":"SURE"}');
INSERT INTO work_up_event (work_up_id, n, at, body)
VALUES (9, 6, '2026-11-24T23:29:48.278959401Z', '{"kind":"fixed","faultId":"motor-dead-front-right","fixId":"replace"}');
INSERT INTO work_up_event (work_up_id, n, at, body)
VALUES (9, 7, '2026-11-24T23:35:48.278959401Z', '{"kind":"found","checkId":"start","outcomes":{"seen":"together"},"written":"","sureness":"SURE"}');
INSERT INTO log_entry (id, mark, at, kind, text, work_up_id)
VALUES (10, 'EIDER', '2026-03-10T02:14:48.278959401Z', 'entered', 'Entered: 10-inch survey', NULL);
INSERT INTO log_entry (id, mark, at, kind, text, work_up_id)
VALUES (11, 'EIDER', '2026-08-27T02:14:48.278959401Z', 'flight', 'Lines 1 to 4 flown', NULL);
INSERT INTO log_entry (id, mark, at, kind, text, work_up_id)
VALUES (31, 'EIDER', '2026-09-06T02:14:48.278959401Z', 'work-up', 'Work-up opened: Owner says it twitched once in the wind', 5);
INSERT INTO log_entry (id, mark, at, kind, text, work_up_id)
VALUES (32, 'EIDER', '2026-09-06T02:40:48.278959401Z', 'closed', 'Work-up closed: no fault found (Twelve minutes hovered in wind without a twitch; watched)', 5);
INSERT INTO log_entry (id, mark, at, kind, text, work_up_id)
VALUES (12, 'EIDER', '2026-10-11T02:14:48.278959401Z', 'flight', 'Lines 5 to 9 flown', NULL);
INSERT INTO log_entry (id, mark, at, kind, text, work_up_id)
VALUES (1, 'GANNET', '2025-12-20T02:14:48.278959401Z', 'entered', 'Entered: 7-inch long range', NULL);
INSERT INTO log_entry (id, mark, at, kind, text, work_up_id)
VALUES (2, 'GANNET', '2026-01-29T02:14:48.278959401Z', 'flight', 'Count 1 flown, 14 minutes', NULL);
INSERT INTO log_entry (id, mark, at, kind, text, work_up_id)
VALUES (3, 'GANNET', '2026-07-28T02:14:48.278959401Z', 'flight', 'Count 6 flown, 13 minutes', NULL);
INSERT INTO log_entry (id, mark, at, kind, text, work_up_id)
VALUES (36, 'GANNET', '2026-11-24T22:38:48.278959401Z', 'work-up', 'Work-up opened: Goes over its right front corner every time', 9);
INSERT INTO log_entry (id, mark, at, kind, text, work_up_id)
VALUES (37, 'GANNET', '2026-11-24T23:29:48.278959401Z', 'fix', 'Put the front-right drive in order', 9);
INSERT INTO ledger_entry (id, work_up_id, mark, closed_at, complaint, ended, reason, causes, kinds, fixes, changes, proof, minutes)
VALUES (5, 5, 'EIDER', '2026-09-06T02:40:48.278959401Z', 'Owner says it twitched once in the wind', 'no fault found', 'Twelve minutes hovered in wind without a twitch; watched', '', '', '', '', '', 26.0);
